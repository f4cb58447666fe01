<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Service\Multiwire;
use Underpin\Service\SharedNeutral;

/** Breakers that still sit where the generator breaker must go. */
final class InterlockSpacesTaken implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->way()?->inTheWay($design->situation()) ?? [] as $circuit) {
            yield new Finding(
                Code::InterlockSpacesTaken,
                "{$circuit->title()} sits where the generator breaker goes.",
                'The interlock plate works only beside the main, and the switching card would show a wrong number.',
                trim('Move it to a free space in the survey; its leg may change with it. '
                    .SharedNeutral::beforeMovingIt($circuit, new Multiwire($design->job->service->panels))),
                $circuit->id,
            );
        }
    }
}

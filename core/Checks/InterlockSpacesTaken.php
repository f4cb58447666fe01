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
                trim(self::how($design).' '
                    .SharedNeutral::beforeMovingIt($circuit, new Multiwire($design->job->service->panels))),
                $circuit->id,
            );
        }
    }

    private static function how(Design $design): string
    {
        $panel = $design->way()?->platedPanel($design->situation());

        return $panel !== null && $design->situation()->moves($panel)->plan->isPossible()
            ? 'The fewest moves stand under Connect, before and after: quote, parts and checklist have them in. Once they are '
                .'made, one button writes the panel as it is then.'
            : 'Move it to a free space in the survey; its leg may change with it.';
    }
}

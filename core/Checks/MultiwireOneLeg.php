<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Service\Multiwire;
use Underpin\Service\SharedNeutral;

/** Two breakers that share a neutral and hang on one leg. */
final class MultiwireOneLeg implements Check
{
    public function findings(Design $design): iterable
    {
        $multiwire = new Multiwire($design->job->service->panels);
        foreach ($multiwire->pairs() as [$one, $other]) {
            if ($one->leg() !== $other->leg()) {
                continue;
            }
            yield new Finding(
                Code::MultiwireOneLeg,
                "{$one->title()} and {$other->title()} share a neutral and hang on the same leg ({$one->leg()->value}).",
                trim('Their neutral carries the sum of both instead of the difference, and no breaker stops it before it burns.'
                    .SharedNeutral::inAmps($one, $other)),
                'With the panel dead, bring one of them to the other leg, the two side by side under one common handle; or give each a '
                    .'neutral of its own. First look again whether they really share one.',
                $one->id,
            );
        }
    }
}

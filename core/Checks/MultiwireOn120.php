<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** One hot wire on both legs, and a neutral that two circuits share. */
final class MultiwireOn120 implements Check
{
    public function findings(Design $design): iterable
    {
        $joinsLegs = $design->way()?->joinsLegs() === true && $design->supply()?->feedsBothLegs() === false;
        if ($joinsLegs && $design->job->panel()?->hasMultiwire === true) {
            yield new Finding(
                Code::MultiwireOn120,
                'A 120 V machine would feed multiwire circuits.',
                'The shared neutral would carry the sum of both legs, with no breaker to stop it: it can burn in the wall.',
                'Use a 120/240 V machine, or do not feed both legs.',
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Codebook\SplitPhase;

final class MultiwireOnOneHot implements Rule
{
    public function code(): Code
    {
        return Code::MultiwireOn120;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->panel->none ? false : Fact::all(
            $it->is(SplitPhase::LEG_V), $it->panel->multiwire, $it->means?->feedsBothLegs(),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'A 120 V machine would feed multiwire circuits.',
            'The shared neutral would carry the sum of both legs, with no breaker to stop it: it can burn in the wall.',
            'Use a 120/240 V machine, or do not feed both legs.',
        );
    }
}

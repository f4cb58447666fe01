<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Codebook\SplitPhase;

final class BreakerPoles implements Rule
{
    public function code(): Code
    {
        return Code::BreakerPoles;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->breaker->none ? false : Fact::all(
            $it->is(SplitPhase::BETWEEN_LEGS_V), $it->breaker->poles === null ? null : $it->breaker->poles !== 2,
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'A 120/240 V machine needs a two-pole breaker; this one has '.$it->breaker->poles.'.',
            'One handle must open both hot wires at once.',
            'A two-pole breaker of the same rating.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class BreakerOverCord implements Rule
{
    public function code(): Code
    {
        return Code::BreakerOverCord;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->breaker->none || $it->cord->none ? false : Fact::over($it->breaker->amps, $it->cord->amps);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf('The generator breaker is %s A, the cord %s A.', Say::figure($it->breaker->amps), Say::figure($it->cord->amps)),
            'The cord overheats where nobody looks: in the grass, under a door.',
            'The breaker is the smallest of outlet, cord, inlet and wire; or a heavier cord.',
        );
    }
}

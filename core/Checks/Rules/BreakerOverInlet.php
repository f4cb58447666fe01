<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class BreakerOverInlet implements Rule
{
    public function code(): Code
    {
        return Code::BreakerOverInlet;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->breaker->none || $it->inlet->none ? false : Fact::over($it->breaker->amps, $it->inlet->amps);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf('The generator breaker is %s A, the inlet %s A.', Say::figure($it->breaker->amps), Say::figure($it->inlet->amps)),
            'More flows through the inlet than its contacts stand: they overheat.',
            'The breaker is the smallest of outlet, cord, inlet and wire.',
        );
    }
}

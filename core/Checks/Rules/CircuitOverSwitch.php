<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class CircuitOverSwitch implements Rule
{
    public function code(): Code
    {
        return Code::CircuitOverSwitch;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->transfer->none ? false : Fact::over($it->transfer->largestMovedAmps, $it->transfer->circuitMostAmps);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'A circuit of %s A is moved to a switch whose breakers end at %s A.',
                Say::figure($it->transfer->largestMovedAmps), Say::figure($it->transfer->circuitMostAmps),
            ),
            'It trips, or its contacts overheat.',
            'Leave it off the switch, or use a switch, an interlock or a sub-panel that takes it.',
        );
    }
}

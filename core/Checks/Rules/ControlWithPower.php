<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Code;

final class ControlWithPower implements Rule
{
    public function code(): Code
    {
        return Code::ControlWithPower;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->wiring->none ? false : $it->wiring->controlWithPower;
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'Control wires lie with the power wires.',
            'Power wires talk into them: false starts, or none; a damaged one brings 240 V to the controller.',
            'A raceway of their own, unless all of it is insulated for the highest voltage and the listing allows it.',
        );
    }
}

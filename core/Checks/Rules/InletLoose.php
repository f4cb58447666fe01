<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Code;

final class InletLoose implements Rule
{
    public function code(): Code
    {
        return Code::InletLoose;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->inlet->none ? false : $it->inlet->onSidingOnly;
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The inlet hangs on the siding only.',
            'Every pull at the cord works it loose, and the wires behind it with it.',
            'Screw it to framing, or to a block that is.',
        );
    }
}

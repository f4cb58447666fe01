<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Code;
use Underpin\Say;

final class LegOverInlet implements Rule
{
    public function code(): Code
    {
        return Code::LegOverInlet;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->inlet->none ? false : $it->atVolts(fn (int $volts): ?bool => $it->legOver($volts, $it->inlet->amps));
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf('A leg carries more than the %s A of the inlet.', Say::figure($it->inlet->amps)),
            'Its contacts overheat.',
            'A larger inlet with its cord and wire, or less on that leg.',
        );
    }
}

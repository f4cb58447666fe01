<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class InletUnderMachine implements Rule
{
    public function code(): Code
    {
        return Code::InletUnderOutlet;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->inlet->none ? false : Fact::under($it->inlet->amps, $it->generator->outletAmps);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'The inlet is rated %s A, the machine gives %s A.',
                Say::figure($it->inlet->amps), Say::figure($it->generator->outletAmps),
            ),
            'The machine can push more through it than it stands.',
            'An inlet of at least what the outlet gives.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class CordUnderOutlet implements Rule
{
    public function code(): Code
    {
        return Code::CordUnderOutlet;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->cord->none ? false : Fact::under($it->cord->amps, $it->generator->outletAmps);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'The cord is good for %s A, the outlet gives %s A.',
                Say::figure($it->cord->amps), Say::figure($it->generator->outletAmps),
            ),
            'The breaker of the outlet does not protect it.',
            'A cord of at least the rating of the outlet.',
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class BreakerOverSwitch implements Rule
{
    public function code(): Code
    {
        return Code::BreakerOverSwitch;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->breaker->none || $it->transfer->none ? false : Fact::over($it->breaker->amps, $it->transfer->amps);
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'The generator breaker is %s A, the transfer switch %s A.',
                Say::figure($it->breaker->amps), Say::figure($it->transfer->amps),
            ),
            'Its contacts overheat and weld: then nothing keeps the sources apart.',
            'A breaker of at most the rating of the switch, or a larger switch.',
        );
    }
}

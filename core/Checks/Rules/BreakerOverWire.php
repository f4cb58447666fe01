<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class BreakerOverWire implements Rule
{
    public function code(): Code
    {
        return Code::BreakerOverWire;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->breaker->none || $it->wiring->none ? false : Fact::over($it->breaker->amps, $it->wireMostAmps());
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'The generator breaker is %s A; the wire takes %d A at most.',
                Say::figure($it->breaker->amps), $it->wireMostAmps(),
            ),
            'The wire burns before the breaker opens.',
            'A breaker of at most what the wire takes, or a larger wire.',
        );
    }
}

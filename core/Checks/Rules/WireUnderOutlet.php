<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;
use Underpin\Say;

final class WireUnderOutlet implements Rule
{
    public function code(): Code
    {
        return Code::WireUnderOutlet;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return $it->wiring->none ? false : Fact::over($it->generator->outletAmps, $it->wireMostAmps());
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            sprintf(
                'The machine gives %s A; the wire to the panel takes %d A at most.',
                Say::figure($it->generator->outletAmps), $it->wireMostAmps(),
            ),
            'Between inlet and panel only the breaker of the machine protects that wire: it burns first.',
            'A larger wire, or an outlet and inlet of what the wire takes.',
        );
    }
}

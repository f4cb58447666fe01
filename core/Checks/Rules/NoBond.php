<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class NoBond implements Rule
{
    public function code(): Code
    {
        return Code::NoBond;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::all(Fact::not($it->generator->bonded), $it->switchesNeutral(), $it->isWired());
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The machine\'s neutral floats, and the switch breaks the neutral: on the generator there is no bond at all.',
            'A fault to ground finds no way back: no breaker opens, and every metal case stays live.',
            'Leave it off. With a switch that breaks the neutral the machine is separately derived: it needs a bond of its own, '
                .'made by its instructions '
            .'at the machine or at the first disconnect, with an electrode. Or take a '
                .'switch that leaves the neutral whole. Nobody touches the '
            .'bond of the service for this.',
        );
    }
}

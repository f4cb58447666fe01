<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class TwoBonds implements Rule
{
    public function code(): Code
    {
        return Code::DoubleBond;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::all($it->generator->bonded, Fact::not($it->switchesNeutral()), $it->isWired());
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The machine bonds its neutral, and so does the service.',
            'With two bonds, neutral current flows in the ground wire and on every metal case.',
            'Take a machine with a floating neutral, or a switch that breaks the neutral. A bond is changed only as the '
                .'machine\'s instructions allow, '
            .'engine off, once it is known that the service has its bond; then it '
                .'is marked. Nobody touches the bond of the service for this.',
        );
    }
}

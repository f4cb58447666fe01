<?php

declare(strict_types=1);

namespace Underpin\Checks\Rules;

use Underpin\Checks\Arrangement\Arrangement;
use Underpin\Checks\Arrangement\Fact;
use Underpin\Checks\Code;

final class GfciTrips implements Rule
{
    public function code(): Code
    {
        return Code::BondedGfciTrip;
    }

    public function isBroken(Arrangement $it): ?bool
    {
        return Fact::all(
            $it->generator->bonded, $it->generator->gfci, Fact::not($it->switchesNeutral()), $it->isWired(),
        );
    }

    public function says(Arrangement $it): Said
    {
        return new Said(
            'The ground-fault outlet of the machine will trip on the house\'s own bond.',
            'Part of the neutral current returns over the ground wire, which is what the outlet trips on: no power when it is needed.',
            'A switch that breaks the neutral, or a machine with a floating neutral.',
        );
    }
}

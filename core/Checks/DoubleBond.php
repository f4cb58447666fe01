<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Job\GeneratorNeutral;

/** A generator that bonds its neutral, on a connection that does not switch the neutral. */
final class DoubleBond implements Check
{
    public function findings(Design $design): iterable
    {
        $machine = $design->supply()?->machine;
        $way = $design->way();
        $joins = $way?->isWired() === true && $way->switchesNeutral($design->situation()) !== true;
        if ($machine?->bond !== GeneratorNeutral::Bonded || ! $joins) {
            return;
        }
        yield new Finding(
            Code::DoubleBond,
            "$machine->name bonds its neutral, and so does the service.",
            'With two bonds, neutral current flows in the ground wire and on every metal case.',
            'Pick a machine with a floating neutral, or a switch that breaks the neutral. Its bond is changed '
                .'only as its instructions allow, '
            .'with the engine off, once it is known that the service has its bond and this switch leaves the '
                .'neutral whole; then it is marked.',
        );
        if ($machine->gfci === true) {
            yield new Finding(
                Code::BondedGfciTrip,
                "The ground-fault outlet of $machine->name will trip on the house's own bond.",
                'Part of the neutral current returns over the ground wire, which is what the outlet trips on: no power when it is needed.',
                'A switch that breaks the neutral, or a machine with a floating neutral.',
            );
        }
    }
}

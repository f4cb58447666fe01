<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Bond;
use Underpin\Assembly\Line;
use Underpin\Codebook\Source;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Outlet;
use Underpin\Sizing\Supply;

/** What a machine does with its neutral, against that of the house, and how its conductors end. NEC 2023 250.24, 250.30. */
final class NeutralBond
{
    public static function of(Supply $supply): Bond
    {
        $atGenerator = $supply->machine->bond === GeneratorNeutral::Bonded;
        $bond = $supply->machine->bond === null ? new Line(
            'Neutral bond', 'not known',
            'Whether the machine bonds its neutral to its frame is not known: two bonds, or none, cannot be ruled out.',
            Source::nec('250.24, 250.30'),
        ) : ($atGenerator
            ? new Line(
                'Neutral bond', 'one too many, unless the switch breaks the neutral',
                'The machine bonds its neutral to its frame, and the service bonds it too.', Source::nec('250.24, 250.30'),
            )
            : new Line(
                'Neutral bond', 'that of the house, no other',
                'The machine\'s neutral floats: the bond of the service is its bond, and nothing of this work adds one.',
                Source::nec('250.24'),
            ));
        $ends = match (true) {
            $supply->machine->outlet === Outlet::Terminals => 'hots, neutral and ground as marked',
            $supply->feedsBothLegs() => 'X and Y to the two hots, in either order; W (silver) to neutral; G (green) to ground',
            default => 'Brass to the hot, silver (W) to neutral, G (green) to ground',
        };
        $terminals = new Line(
            'Terminals', $ends,
            'Ground first when connecting, last when taking apart. Torque by the label, and once more after the wire is dressed.',
            Source::nec('110.14(D), 200.10, 250.126'),
        );

        return new Bond($atGenerator ? 'generator' : 'service', $atGenerator, [$bond, $terminals]);
    }
}

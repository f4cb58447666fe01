<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Bond;
use Underpin\Assembly\Line;
use Underpin\Codebook\Source;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Outlet;
use Underpin\Sizing\Supply;

/**
 * What a machine does with its neutral against what the switch does with it: one bond, two, or none. NEC 2023 250.24, 250.30,
 * 250.34, 250.35.
 */
final class NeutralBond
{
    /** @param  ?bool  $switches  the switch breaks the neutral; null: not chosen */
    public static function of(Supply $supply, ?bool $switches): Bond
    {
        $bond = $supply->machine->bond;
        $ends = match (true) {
            $supply->machine->outlet === Outlet::Terminals => 'hots, neutral and ground as marked',
            $supply->feedsBothLegs() => 'X and Y to the two hots, in either order; W (silver) to neutral; G (green) to ground',
            default => 'Brass to the hot, silver (W) to neutral, G (green) to ground',
        };

        return new Bond('neutral', $bond === GeneratorNeutral::Bonded ? 'generator' : 'service', [
            match (true) {
                $bond === null => self::unknown(),
                $switches === null => self::open($bond),
                $bond === GeneratorNeutral::Bonded => $switches ? self::derived() : self::two(),
                default => $switches ? self::none() : self::one(),
            },
            new Line(
                'Terminals', $ends,
                'Ground first when connecting, last when taking apart. Torque by the label, and once more after the wire is dressed.',
                Source::nec('110.14(D), 200.10, 250.126'),
            ),
        ]);
    }

    /** There is one bond on the generator's side, neither two nor none, and that is known. */
    public static function isSettled(Supply $supply, ?bool $switches): bool
    {
        return $supply->machine->bond !== null && $switches !== null && ($supply->machine->bond === GeneratorNeutral::Bonded) === $switches;
    }

    private static function unknown(): Line
    {
        return new Line(
            'Neutral bond', 'not known',
            'Whether the machine bonds its neutral to its frame is not known: two bonds, or none, cannot be ruled out.',
            Source::nec('250.24, 250.30'),
        );
    }

    private static function open(GeneratorNeutral $bond): Line
    {
        return new Line('Neutral bond', 'choose whether the switch breaks the neutral', $bond === GeneratorNeutral::Bonded
            ? 'The machine bonds its neutral: with a switch that leaves the neutral through there are two bonds, with one that breaks '
                .'it there is one.'
            : 'The machine\'s neutral floats: with a switch that leaves the neutral through the house\'s bond serves, with one that '
                .'breaks it there is none at all.', Source::nec('250.24, 250.30'));
    }

    private static function two(): Line
    {
        return new Line(
            'Neutral bond', 'one too many: the machine\'s and the service\'s',
            'The neutral\'s current comes back over the ground and the frame as well, and ground-fault protection at the machine trips for '
                .'no fault. Take a switch that breaks the neutral, or a machine whose neutral floats, or the change that its maker '
                .'describes, marked on it. The bond of the service stays in any case.',
            Source::nec('250.24, 250.6'),
        );
    }

    private static function derived(): Line
    {
        return new Line(
            'Neutral bond', 'at the machine, the only one on its side',
            'The switch breaks the neutral, so the machine is a source of its own, and its bond is the way back for a fault. Ground path '
                .'from the house to its frame: the fourth wire. It has its electrode too.',
            Source::nec('250.30, 250.34, 250.35'),
        );
    }

    private static function one(): Line
    {
        return new Line(
            'Neutral bond', 'that of the house, no other',
            'The machine\'s neutral floats and the switch leaves the neutral through: the bond of the service is its bond, and nothing of '
                .'this work adds one.',
            Source::nec('250.24'),
        );
    }

    private static function none(): Line
    {
        return new Line(
            'Neutral bond', 'none at all: not to be built like this',
            'The machine\'s neutral floats and the switch breaks the neutral: a ground fault never opens a breaker, and every metal '
                .'case may '
                .'stay live. Take a switch that leaves the neutral through, or have the machine bonded as its maker describes.',
            Source::nec('250.30(A)(1), 250.4(A)(5)'),
        );
    }
}

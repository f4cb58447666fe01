<?php

declare(strict_types=1);

namespace Underpin\Exchange\Grid;

use Underpin\Exchange\RoleCell;
use Underpin\Exchange\Schedule\Sheet\BreakerCell;
use Underpin\Exchange\Schedule\Sheet\SpaceCell;
use Underpin\Job\Circuit;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Refused;

/** What is typed into a cell of the loads as a sheet, where it is more than a number or a word. */
final class GridCell
{
    /** @throws Refused on "space" */
    public static function position(string $cell, int $poles): Position
    {
        $space = SpaceCell::read($cell);
        if ($space === null || count($space->halves) > 1) {
            throw new Refused('space', sprintf(
                'Space must be one of the panel, as 5, 5-7 or 12a; "%s" was given.', mb_strimwidth($cell, 0, 40, '…'),
            ));
        }

        return new Position($space->space, $space->isPair ? 2 : $poles, $space->halves[0]);
    }

    /** @throws Refused on "amps" */
    public static function breaker(string $cell): BreakerCell
    {
        $breaker = BreakerCell::read($cell);
        if ($breaker === null || count($breaker->amps) !== 1 || ! in_array($breaker->poles, [null, 1, 2], true)) {
            throw new Refused('amps', sprintf(
                'Breaker must be a whole number of amperes from %d to %d, with its poles where they are meant: 20, 30/2, 15 AFCI; "%s" '
                    .'was given.',
                Circuit::LEAST_A, Circuit::MOST_A, mb_strimwidth($cell, 0, 40, '…'),
            ));
        }

        return $breaker;
    }

    /** @throws Refused on "role" */
    public static function role(string $cell): Role
    {
        return $cell === '' ? Role::Off : RoleCell::read($cell) ?? throw new Refused('role', sprintf(
            'Role must be must run (1), when there is room (2) or leave off (3); "%s" was given.', mb_strimwidth($cell, 0, 40, '…'),
        ));
    }
}

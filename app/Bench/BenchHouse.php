<?php

declare(strict_types=1);

namespace App\Bench;

use Underpin\Job\Circuit;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Generator;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Sizing\Supply;

/** Houses as large as they come. */
final class BenchHouse
{
    /** A 600 A service with a cabinet of three disconnects, five panels and 210 circuits. */
    public static function fivePanels(Supply $supply): Job
    {
        $panels = [];
        foreach (['d1', 'd1', 'd2', 'd3', 'p0'] as $p => $from) {
            $circuits = array_map(
                fn (int $space): Circuit => new Circuit(
                    "p$p-c$space", new Position($space), 20, "Circuit $space", role: $space % 3 === 0 ? Role::Must : Role::Off,
                    loads: [new Load("p$p-l$space", "Load $space", LoadKind::Electronics, 20.0 + $space, 40.0 + $space, 0.95)],
                ),
                range(1, 42),
            );
            $panels[] = new Panel(
                "p$p", 'Panel '.($p + 1), 42, $p === 4 ? PanelKind::Sub : PanelKind::Main, $p === 4 ? null : 200, true, 1, false,
                $circuits, $from, $p === 4 ? 100 : null, false,
            );
        }

        return new Job(
            'Bench works',
            new Service(
                DisconnectPlace::Cabinet,
                array_map(fn (int $d): Disconnect => new Disconnect("d$d", "Disconnect $d", 200, true), [1, 2, 3]), 600, $panels,
            ),
            new Generator($supply->machine, $supply->fuel),
        );
    }

    public static function panelOf42(Supply $supply): Job
    {
        $circuits = [];
        foreach (range(1, 42) as $space) {
            $loads = [];
            foreach (range(1, $space <= 18 ? 2 : 1) as $n) {
                $loads[] = new Load("l$space-$n", "Load $space $n", LoadKind::Electronics, 20.0 + $space, 40.0 + $space, 0.95);
            }
            $circuits[] = new Circuit(
                "c$space", new Position($space), 20, "Circuit $space", role: $space % 2 === 1 ? Role::Must : Role::Room, loads: $loads,
            );
        }

        return new Job(
            'Bench house',
            new Service(panels: [new Panel('main', 'Panel', 42, PanelKind::Main, 200, true, 1, false, $circuits)]),
            new Generator($supply->machine, $supply->fuel),
        );
    }

    /** As many circuits as asked for, in panels of 42 that are fed through one another, a third of each role. */
    public static function of(int $count, Supply $supply): Job
    {
        $roles = Role::cases();
        $panels = [];
        for ($begun = 0; $begun < $count; $begun += 42) {
            $p = intdiv($begun, 42);
            $circuits = [];
            for ($space = 1; $space <= min(42, $count - $begun); $space++) {
                $circuits[] = new Circuit(
                    "p$p-c$space", new Position($space), 20, "Outlets of room $space on floor $p", role: $roles[$space % count($roles)],
                    loads: [new Load("p$p-l$space", "Load $space", LoadKind::Electronics, 20.0 + $space, 40.0 + $space, 0.95)],
                );
            }
            $panels[] = new Panel(
                "p$p", "Panel $p", 42, $p === 0 ? PanelKind::Main : PanelKind::Sub, $p === 0 ? 200 : null, true, 1, false,
                $circuits, $p === 0 ? '' : 'p0', $p === 0 ? null : 100, $p === 0,
            );
        }

        return new Job("House of $count", new Service(panels: $panels), new Generator($supply->machine, $supply->fuel));
    }
}

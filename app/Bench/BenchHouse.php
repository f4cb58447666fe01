<?php

declare(strict_types=1);

namespace App\Bench;

use Underpin\JobFile\JobFile;
use Underpin\Loads\Load;
use Underpin\Loads\LoadKind;
use Underpin\Loads\Role;
use Underpin\Service\Circuit;
use Underpin\Service\Panel;
use Underpin\Service\PanelKind;
use Underpin\Service\Slot;
use Underpin\Sizing\Supply;

/** A full 42-space panel with 60 loads, all of it needed. */
final class BenchHouse
{
    public static function panelOf42(Supply $supply): JobFile
    {
        $circuits = [];
        foreach (range(1, 42) as $space) {
            $loads = [];
            foreach (range(1, $space <= 18 ? 2 : 1) as $n) {
                $loads[] = new Load("l$space-$n", "Load $space $n", LoadKind::Electronics, 20.0 + $space, 40.0 + $space, 0.95);
            }
            $circuits[] = new Circuit("c$space", new Slot($space), 20, "Circuit $space", role: $space % 2 === 1 ? Role::Must : Role::Room, loads: $loads);
        }

        return new JobFile('Bench house', panels: [new Panel('main', 'Panel', 42, PanelKind::Main, 200, true, 1, false, $circuits)], supply: $supply);
    }
}

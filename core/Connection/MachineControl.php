<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Assembly\Conductor;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Element;
use Underpin\Assembly\Line;
use Underpin\Assembly\Terminal;
use Underpin\Assembly\Wire;
use Underpin\Assembly\WireRole;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;
use Underpin\Codebook\Source;
use Underpin\Job\MachineKind;

/** What runs between an automatic switch and the machine beside the power: start, sensing, and the circuit of charger and heater. */
final class MachineControl
{
    /** @return list<Element> */
    public static function of(MachineKind $machine, string $switch, string $switchName): array
    {
        $line = new Line(
            "Start and sensing, $switchName", 'two for start, two for sensing, as the instructions size and mark them',
            'Start tells the machine that the utility is gone; sensing is fused at the switch, on its utility side. They lie apart from '
                .'the power unless every conductor is insulated for it.',
            Source::nec('300.3(C), 725.136, 110.3(B)'),
        );
        $wire = fn (WireRole $role, int $n): Wire => new Wire(
            "control:$switch.$role->value-$n", $role, new Terminal($switch, "{$role->words()} $n"),
            new Terminal('generator', "{$role->words()} $n"), null, Material::Copper, $line,
        );

        return $machine->isStandby() ? [new Conductor(
            "control:$switch", ConductorKind::Control, $switch, 'generator',
            [$wire(WireRole::Start, 1), $wire(WireRole::Start, 2), $wire(WireRole::Sense, 1), $wire(WireRole::Sense, 2)],
            null, Material::Copper, null, null, null,
        )] : [];
    }

    /** @return list<Element> the circuit that keeps its battery and its heater alive in all the weeks without an outage */
    public static function charger(MachineKind $machine, HousePanel $panel): array
    {
        $id = HousePanel::id($panel->panel->id);

        return $machine->isStandby() ? [Bundle::between(
            'charger', ConductorKind::Charger, Bundle::of(false), Ends::hot($id, 'charger'), Ends::hot('generator', 'charger'), 20,
            ConductorSize::Awg12, all: [new Line(
                'Charger and heater', '120 V, 20 A, 12 AWG copper, on a breaker of its own',
                "From {$panel->panel->name}, so that the utility feeds it in all the weeks without an outage. Outdoors, at a dwelling, its "
                    .'outlet has ground-fault protection.',
                Source::nec('210.8(F)'),
            )],
        )] : [];
    }
}

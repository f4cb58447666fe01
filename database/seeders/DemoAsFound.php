<?php

declare(strict_types=1);

namespace Database\Seeders;

use Underpin\Job\Circuit;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\ExistingEquipment;
use Underpin\Job\ExistingFault;
use Underpin\Job\FeederGround;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Marking;
use Underpin\Job\OtherSource;
use Underpin\Job\OtherSourceKind;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\SpaceList;

/** A house as it was found: somebody fed it through the dryer outlet for years. All invented. */
final class DemoAsFound
{
    public static function service(): Service
    {
        return new Service(
            DisconnectPlace::Meter, [new Disconnect('meter', 'Meter disconnect', 200, true, Marking::Service)], 200,
            [
                new Panel(
                    'hall', 'Hall panel', 20, PanelKind::Main, 200, true, 1, true, self::hall(), 'meter', bonded: true,
                    tandemSpaces: SpaceList::parse('none'), feederGround: FeederGround::Wire, otherBuilding: false, busAmps: 200,
                ),
                new Panel(
                    'shop', 'Shop panel', 12, PanelKind::Sub, 60, false, 1, false, self::shop(), 'hall', bonded: true,
                    tandemSpaces: SpaceList::parse('none'), feederCircuit: 'h17', feederGround: FeederGround::Wire, otherBuilding: false,
                ),
            ],
            self::existing(), new OtherSource(OtherSourceKind::Solar, 'hall', 'SOLAR, garage wall'),
        );
    }

    private static function existing(): ExistingEquipment
    {
        $found = [
            ExistingFault::MaleCord, ExistingFault::NothingBetween, ExistingFault::EngineClose, ExistingFault::NoLabels,
            ExistingFault::NeverRun, ExistingFault::LooseBox,
        ];
        $existing = new ExistingEquipment;
        foreach (ExistingFault::cases() as $fault) {
            $existing = $existing->with($fault, in_array($fault, $found, true));
        }

        return $existing;
    }

    /** @return list<Circuit> */
    private static function hall(): array
    {
        return [
            self::circuit('h5', 5, 1, 15, 'Bedroom', Role::Off, ['Oxygen concentrator', LoadKind::Medical, 350, 700]),
            self::circuit('h2', 2, 1, 20, 'Refrigerator', Role::Must, ['Refrigerator', LoadKind::Refrigeration, 180, 900]),
            self::circuit('h6', 6, 1, 15, 'Kitchen left', Role::Must, ['Counter outlets', LoadKind::Outlets, 600, 600])
                ->with(sharesNeutralWith: 'h10'),
            self::circuit('h10', 10, 1, 15, 'Kitchen right', Role::Must, ['Counter outlets', LoadKind::Outlets, 500, 500])
                ->with(sharesNeutralWith: 'h6'),
            self::circuit('h9', 9, 2, 20, 'Well pump', Role::Must, ['Well pump, 1 hp', LoadKind::Pump, 1500, 5000]),
            self::circuit('h13', 13, 2, 30, 'Dryer', Role::Off, ['Dryer', LoadKind::Laundry, 5000, 5000]),
            self::circuit('h12', 12, 1, 15, 'Lights', Role::Must, ['Lights', LoadKind::Lighting, 220, 220]),
            self::circuit('h17', 17, 2, 60, 'Shop panel', Role::Off),
        ];
    }

    /** @return list<Circuit> */
    private static function shop(): array
    {
        return [self::circuit('s1', 1, 1, 20, 'Bench', Role::Off, ['Bench tools', LoadKind::Tool, 1000, 2500])];
    }

    /** @param  ?array{string, LoadKind, int, int}  $load  name, kind, running and starting watts */
    private static function circuit(string $id, int $space, int $poles, int $amps, string $name, Role $role, ?array $load = null): Circuit
    {
        return new Circuit($id, new Position($space, $poles), $amps, $name, role: $role, loads: $load === null ? [] : [
            new Load("$id-load", $load[0], $load[1], (float) $load[2], (float) $load[3]),
        ]);
    }
}

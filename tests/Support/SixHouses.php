<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\Exchange\JobReport;
use Underpin\Job\Circuit;
use Underpin\Job\Connection;
use Underpin\Job\Customer;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Duty;
use Underpin\Job\FeederGround;
use Underpin\Job\Generator;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\LocalRules;
use Underpin\Job\MachineKind;
use Underpin\Job\Marking;
use Underpin\Job\OtherSource;
use Underpin\Job\OtherSourceKind;
use Underpin\Job\OtherSourceRun;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\Site;
use Underpin\Job\SpaceList;
use Underpin\Job\SwitchKind;
use Underpin\Job\WireRun;
use Underpin\Sizing\Supply;

/** Houses of which every sentence was read as an electrician reads it who signs for it. */
final class SixHouses
{
    /** @return array<string, Job> */
    public static function all(): array
    {
        return [
            'a barn on three wires' => self::barn(),
            'a meter disconnect that is the service disconnect' => self::meter(Marking::Service),
            'a meter disconnect that is not service equipment' => self::meter(Marking::NotService),
            'a meter disconnect that nobody has read' => self::meter(null),
            'a row house with someone on oxygen' => self::oxygen(),
            'a 120 V pair, and multiwire in the sub-panel' => self::pair(),
            'a crowded panel' => self::crowded(),
            'a standby behind one switch' => self::standby(),
        ];
    }

    /** Everything that the review says of them, the way that was picked among it. */
    public static function text(): string
    {
        $text = '';
        foreach (self::all() as $name => $job) {
            $said = JobReport::of($job);
            $picked = array_values(array_filter($said['connections'], fn (array $c): bool => $c['kind'] === $job->connection->way));
            $kept = ['size' => $said['size']['why'], 'way' => $picked[0]['reasons'], ...array_intersect_key(
                $said, ['findings' => 0, 'wire' => 0, 'card' => 0],
            )];
            $flags = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR;
            $text .= "== $name\n".json_encode($kept, $flags)."\n\n";
        }

        return $text;
    }

    /** A farmhouse and a barn that was wired long ago with two hots and a neutral that is its ground as well. */
    private static function barn(): Job
    {
        return self::job(
            'Barn on three wires', 'interlock', Houses::supply(11_000, 14_000, 240, Outlet::Straight50, 50), new WireRun(30, 40),
            new Service(DisconnectPlace::Panel, [], 200, [
                new Panel('house', 'House panel', 30, PanelKind::Main, 200, true, 1, false, [
                    self::circuit('h5', '5', 30, 'Well pump', LoadKind::Pump, 1500, 6000, 2),
                    self::circuit('h2', '2', 20, 'Refrigerator', LoadKind::Refrigeration, 180, 1200, plug: true),
                    self::circuit('h4', '4', 15, 'Furnace', LoadKind::Boiler, 600, 1400),
                    self::circuit('h9', '9', 60, 'Barn feeder', LoadKind::Other, null, null, 2, Role::Off, loads: false),
                ], bonded: true, busAmps: 200),
                new Panel('barn', 'Barn panel', 12, PanelKind::Sub, null, false, 1, false, [
                    self::circuit('b1', '1', 20, 'Stall heaters', LoadKind::ElectricHeat, 1500, 1500, duty: Duty::Continuous),
                    self::circuit('b2', '2', 20, 'Water trough', LoadKind::ElectricHeat, 1000, 1000),
                ], 'house', bonded: true, feederCircuit: 'h9', feederGround: FeederGround::None, otherBuilding: true, mainLugs: true),
            ]),
            OtherSourceKind::None,
        );
    }

    private static function meter(?Marking $marking): Job
    {
        return self::job(
            'Disconnect at the meter', 'interlock', Houses::supply(), new WireRun(30, 20),
            new Service(DisconnectPlace::Meter, [new Disconnect('m', 'Meter disconnect', 200, true, $marking)], 200, [
                new Panel('main', 'Hall panel', 20, PanelKind::Main, 200, true, 1, false, [
                    self::circuit('c2', '2', 20, 'Refrigerator', LoadKind::Refrigeration, 180, 1200, plug: true),
                    self::circuit('c4', '4', 15, 'Furnace', LoadKind::Boiler, 600, 1400),
                ], bonded: true, feederGround: FeederGround::Metal, otherBuilding: false, busAmps: 200),
            ]),
            OtherSourceKind::None,
        );
    }

    /** Splices are not allowed, two circuits are arc-fault protected, and somebody breathes by a machine. */
    private static function oxygen(): Job
    {
        return Houses::changed(self::job(
            'Row house, oxygen', 'manual_switch', Houses::supply(5500, 7000, 240, Outlet::Locking30, 30), new WireRun(30, 20),
            new Service(DisconnectPlace::Panel, [], 100, [
                new Panel('main', 'Cellar panel', 16, PanelKind::Main, 100, false, 1, false, [
                    self::circuit(
                        'c1', '1', 15, 'Bedroom', LoadKind::Medical, 350, 700, protection: Protection::Afci, bridgeMin: 90, plug: true,
                    ),
                    self::circuit('c3', '3', 15, 'Lights by the panel', LoadKind::Lighting, 120, 120, protection: Protection::Afci),
                    self::circuit('c5', '5', 20, 'Sump pump', LoadKind::Pump, 800, 2400, plug: true),
                    self::circuit('c2', '2', 20, 'Refrigerator', LoadKind::Refrigeration, 180, 1200, plug: true),
                    self::circuit('c6', '6', 15, 'Smoke and carbon monoxide alarms', LoadKind::Electronics, 12, 12),
                    self::circuit('c8', '8', 15, 'Boiler', LoadKind::Boiler, 240, 600),
                ], bonded: true, busAmps: 100),
            ]),
            OtherSourceKind::None,
        ), rules: new LocalRules('Port office', 'NEC 2020', splicesInPanel: false), switchKind: SwitchKind::Cables);
    }

    private static function pair(): Job
    {
        return self::job(
            '120 V pair', 'interlock', Houses::supply(3600, 4400, 120, Outlet::Travel30, 30, MachineKind::Parallel), new WireRun(30, 15),
            new Service(DisconnectPlace::Panel, [], 150, [
                new Panel('main', 'Main panel', 20, PanelKind::Main, 150, true, 2, false, [
                    self::circuit('c1', '1', 20, 'Refrigerator', LoadKind::Refrigeration, 180, 1200, plug: true),
                    self::circuit('c5', '5', 50, 'Annex feeder', LoadKind::Other, null, null, 2, Role::Off, loads: false),
                ], bonded: true, busAmps: 150),
                new Panel('annex', 'Annex panel', 12, PanelKind::Sub, null, false, 1, true, [
                    self::circuit('a1', '1', 20, 'Counter, left', LoadKind::Outlets, 600, 600, plug: true),
                    self::circuit('a3', '3', 20, 'Counter, right', LoadKind::Outlets, 500, 500, plug: true)->with(sharesNeutralWith: 'a1'),
                ], 'main', bonded: false, feederCircuit: 'c5', feederGround: FeederGround::Wire, otherBuilding: false, mainLugs: true),
            ]),
            OtherSourceKind::None,
        );
    }

    private static function crowded(): Job
    {
        $circuits = [
            self::circuit('c1', '1', 20, 'Den', LoadKind::Outlets, 400, 400, plug: true),
            self::circuit('c3', '3', 20, 'Hall', LoadKind::Lighting, 200, 200)->with(sharesNeutralWith: 'c1'),
            self::circuit('c2', '2', 20, 'Refrigerator', LoadKind::Refrigeration, 180, 1200, plug: true),
        ];
        for ($space = 4; $space <= 12; $space++) {
            $circuits[] = self::circuit(
                "c$space", (string) $space, 15, "Room $space", LoadKind::Outlets, 300, 300, 1, Role::Off, plug: true,
            );
        }

        return self::job(
            'Crowded panel', 'interlock', Houses::supply(), new WireRun(24, 20),
            new Service(DisconnectPlace::Panel, [], 100, [
                new Panel(
                    'main', 'Kitchen panel', 12, PanelKind::Main, 100, true, 1, true, $circuits, bonded: true,
                    tandemSpaces: SpaceList::parse('9-12'),
                ),
            ]),
            null,
        );
    }

    private static function standby(): Job
    {
        return Houses::changed(self::job(
            'Standby behind one switch', 'interlock', Houses::supply(26_000, 26_000, 240, Outlet::Terminals, 110, MachineKind::Standby),
            new WireRun(null, 60),
            new Service(DisconnectPlace::Panel, [], 200, [
                new Panel('main', 'Garage panel', 30, PanelKind::Main, 200, true, 1, false, [
                    self::circuit('c5', '5', 40, 'Heat pump', LoadKind::Compressor, 3800, 14_000, 2),
                    self::circuit('c2', '2', 20, 'Refrigerator', LoadKind::Refrigeration, 180, 1200, plug: true),
                    self::circuit('c4', '4', 15, 'Furnace', LoadKind::Boiler, 600, 1400),
                ], bonded: true, busAmps: 200),
            ]),
            OtherSourceKind::Solar,
        ), otherSource: new OtherSource(OtherSourceKind::Solar, 'main', 'SOLAR DISCONNECT, garage wall', OtherSourceRun::LockedOff));
    }

    private static function job(
        string $name, string $way, Supply $supply, WireRun $run, Service $service, ?OtherSourceKind $other,
    ): Job {
        return new Job(
            $name, new Customer('A. Person', '1 Some Street', utilityPhone: '555-0100'),
            $service->with(otherSource: $other === null ? null : new OtherSource($other)),
            new Generator($supply->machine, $supply->fuel), new Connection($way), $run,
            new Site(250, 0, 20, 1500, 95, 5, 10, true, true),
        );
    }

    private static function circuit(
        string $id, string $space, int $amps, string $name, LoadKind $kind, ?float $runW, ?float $startW, int $poles = 1,
        Role $role = Role::Must, bool $loads = true, ?bool $plug = null, ?Duty $duty = null, Protection $protection = Protection::None,
        ?float $bridgeMin = null,
    ): Circuit {
        return new Circuit(
            $id, new Position((int) $space, $poles), $amps, $name, $protection, $role,
            loads: $loads ? [new Load(
                "$id-load", $name, $kind, $runW, $startW, duty: $duty, plug: $plug ?? false, bridgeMin: $bridgeMin,
            )] : [],
        );
    }
}

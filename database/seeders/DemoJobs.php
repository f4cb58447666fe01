<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Models\Machine as MachineRow;
use App\Models\Shop;
use App\Models\User;
use Underpin\Codebook\Burial;
use Underpin\Codebook\Conduit;
use Underpin\Job\Authority;
use Underpin\Job\Basis;
use Underpin\Job\Connection;
use Underpin\Job\Customer;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Dwelling;
use Underpin\Job\ExistingEquipment;
use Underpin\Job\ExistingFault;
use Underpin\Job\FeederGround;
use Underpin\Job\Fuel;
use Underpin\Job\FuelKept;
use Underpin\Job\GasAppliance;
use Underpin\Job\Generator;
use Underpin\Job\Growth;
use Underpin\Job\GrowthLoad;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Laying;
use Underpin\Job\LoadKind;
use Underpin\Job\Marking;
use Underpin\Job\MeasuredLength;
use Underpin\Job\Offer;
use Underpin\Job\OtherSource;
use Underpin\Job\OtherSourceKind;
use Underpin\Job\OtherSourceRun;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Quote\AnswerKind;
use Underpin\Job\Service;
use Underpin\Job\ShedLoad;
use Underpin\Job\Site;
use Underpin\Job\SpaceList;
use Underpin\Job\SwitchKind;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;

/** The jobs of the demo shop. */
final class DemoJobs
{
    /** what became of the quotes of small jobs (null: it has lapsed), and the days since they were handed over, the oldest first */
    private const QUOTED = [
        'Aldous cottage' => [AnswerKind::Accepted, 420], 'Calloway duplex' => [AnswerKind::Declined, 380],
        'Eskdale farmhouse' => [null, 330], 'Garrick veterinary' => [AnswerKind::Withdrawn, 290],
        'Kittering cabin' => [AnswerKind::Accepted, 204], 'Rushmere well' => [AnswerKind::Accepted, 96],
        'Quennell house' => [AnswerKind::Accepted, 48], 'Pellow fish shed' => [AnswerKind::Accepted, 44],
    ];

    /** small jobs whose quote waits for an answer, and the days since it was handed over */
    private const WAITING = ['Lindqvist house' => 12, 'Oxley garage' => 5];

    /** @param  list<User>  $people */
    public static function fill(Shop $shop, array $people): void
    {
        $offers = new DemoOffers($shop);
        $small = [];
        foreach (self::small($shop) as $i => [$job, $daysAgo]) {
            $small[$job->name] = [JobEditor::create($shop, $people[$i % 2], $job)->row, $people[$i % 2], $daysAgo];
        }
        foreach (self::QUOTED as $name => [$answer, $quoted]) {
            $offers->small($small[$name][1], $small[$name][0], $answer, $quoted);
        }
        $lodge = JobEditor::create($shop, $people[1], self::lodge($shop))->row;
        $rowHouse = JobEditor::create($shop, $people[1], self::rowHouse($shop))->row;
        $dairy = JobEditor::create($shop, $people[0], self::dairy($shop))->row;
        self::date(JobEditor::create($shop, $people[0], self::asFound($shop))->row, 9);
        DemoMeasuring::fill($lodge, $people[2], $rowHouse, $people[1], $dairy, $people[0]);
        $offers->lodge($people[1], $lodge);
        DemoWork::lodge($people[1], $lodge);
        DemoWork::rowHouse($people[1], $rowHouse);
        self::date($lodge->refresh(), 6);
        self::date($rowHouse->refresh(), 2);
        $dairy->refresh();
        JobEditor::change($dairy, $people[0], 'Connection: interlock on the panel main', fn (JobFile $file): JobFile => $file->with(
            $file->connection->with(way: 'interlock'), new WireRun(
                30.0, 38.0, $file->wire->inletAmps, laying: new Laying(raceway: Conduit::Pvc40),
                lengths: [new MeasuredLength('branch switch panel:main', 7.0), new MeasuredLength('feeder panel:main switch', 6.0)],
            ),
        ));
        $offers->dairy($people[0], $dairy);
        DemoWork::dairy($people[0], $dairy);
        foreach (self::WAITING as $name => $quoted) {
            $offers->small($small[$name][1], $small[$name][0], null, $quoted);
        }
        foreach ($small as [$row, $by, $daysAgo]) {
            $last = [$daysAgo, self::QUOTED[$row->name][1] ?? null, self::WAITING[$row->name] ?? null, DemoWork::small($by, $row)];
            self::date($row->refresh(), min(array_filter($last, is_int(...))));
        }
    }

    private static function dairy(Shop $shop): JobFile
    {
        return new JobFile(
            'Kestrel Gap goat dairy',
            new Customer(
                'Orla and Emeric Dunne', '418 Kestrel Gap Road, Upper Tarn', '555-0142', 'dairy@kestrelgap.example',
                'Windy ridge: outages last a day or two in winter. Milking at five and at five.', '555-0160',
            ),
            self::authority('tarn-county'),
            self::generator($shop, 'badger-120', Fuel::Gasoline, 20.0),
            new WireRun(null, null, 50),
            new Service(
                DisconnectPlace::Panel, [], 200,
                [
                    new Panel(
                        'main', 'Dairy panel', 42, PanelKind::Main, 200, true, 1, false, DemoCircuits::dairy(), bonded: true, busAmps: 200,
                        tandemSpaces: SpaceList::parse('25-42'),
                    ),
                ],
                self::answered(ExistingFault::NoLabels), new OtherSource(OtherSourceKind::None),
            ),
            new Site(0, 250, 15, 2350, 92, -12, 30, true, true),
            DemoPlans::dairy(),
            new Growth([
                new GrowthLoad('freezer', 'Second chest freezer', LoadKind::Refrigeration, 120, 150, 900),
                new GrowthLoad('charger', 'Car charger', LoadKind::Charger, 240, 7200),
            ]),
            new FuelKept(
                '2026-09-12', true, 3.89, near: 'Upper Tarn, 6 miles, no generator at its pumps',
                far: 'Coldharbor depot, 31 miles, has its own engine',
            ),
            new Basis(demand: new DemandInputs(
                DemandMethod::Existing, 240.0,
                new Dwelling(
                    2400, 2, 1,
                    [
                        ['id' => 'water heater, house', 'va' => 4500.0], ['id' => 'water heater, dairy', 'va' => 4500.0],
                        ['id' => 'dishwasher', 'va' => 1200.0], ['id' => 'deep well pump', 'va' => 2400.0],
                    ],
                    [10000.0], [5000.0], heatPumpVa: 950.0, coolingVa: 950.0,
                ),
            )),
        );
    }

    /** A lethal legacy, and a first plan that does not mend it: what findings are for. */
    private static function asFound(Shop $shop): JobFile
    {
        return new JobFile(
            'Harrow Lane, as found',
            new Customer(
                'Odile Prentiss', '6 Harrow Lane, Upper Tarn', '555-0119', 'odile@harrowlane.example',
                'Her late husband fed the house through the dryer outlet. Oxygen at night.', '555-0160',
            ),
            self::authority('tarn-county'),
            self::generator($shop, 'otter-80', Fuel::Gasoline, 20.0),
            new Connection('interlock'),
            new WireRun(10.0, 60.0, 20, WiringMethod::Cable, wet: true, laying: new Laying(burial: Burial::Pvc, coverIn: 8.0)),
            DemoAsFound::service(),
            new Site(0, 0, 40, 900, 94, 2, 20, true, true),
        );
    }

    private static function rowHouse(Shop $shop): JobFile
    {
        return new JobFile(
            'Salt Wharf row house',
            new Customer(
                'Ines Halloran', '27 Salt Wharf Lane, Port Merrin', '555-0177', 'ines@saltwharf.example',
                'No splices in panels in this town. The reef tank must not stand still for more than an hour.', '555-0161',
            ),
            self::authority('port-merrin'),
            self::generator($shop, 'heron-65', Fuel::Gasoline, 20.0),
            new Connection('manual_switch', switchKind: SwitchKind::Cables, switchesNeutral: false),
            new WireRun(40.0, 22.0, 30, WiringMethod::Conduit, laying: new Laying(raceway: Conduit::Emt), lengths: [
                new MeasuredLength('branch switch box', 5.0), new MeasuredLength('feeder switch panel:main', 5.0),
            ]),
            new Offer(ownMachine: true, note: 'The heron stays hers. A filling station that is dark with the lane is no plan: the far '
                .'one is.'),
            new Service(
                DisconnectPlace::Meter, [new Disconnect('meter-disconnect', 'Meter disconnect', 100, true, Marking::Service)], 100,
                [
                    new Panel(
                        'main', 'Cellar panel', 24, PanelKind::Main, 100, false, 1, false, DemoCircuits::rowHouse(), bonded: false,
                        tandemSpaces: SpaceList::parse('none'), feederGround: FeederGround::Wire, otherBuilding: false,
                    ),
                ],
                self::answered(ExistingFault::CordLost), new OtherSource(OtherSourceKind::None),
            ),
            new Site(180, 0, 5, 10, 96, 4, 14, true, true),
            DemoPlans::rowHouse(),
            new FuelKept(
                '2026-04-18', false, 4.25, near: 'Wharf Street, half a mile, dark when the lane is',
                far: 'Ring road, 9 miles, on another feeder',
            ),
            new Basis(demand: new DemandInputs(
                DemandMethod::Optional, 240.0,
                new Dwelling(
                    1450, 2, 1, [['id' => 'dishwasher', 'va' => 1200.0], ['id' => 'sump pump', 'va' => 900.0]], [9600.0], [5000.0],
                    coolingVa: 2400.0,
                ),
            )),
        );
    }

    private static function lodge(Shop $shop): JobFile
    {
        return new JobFile(
            'Lake Ansgar lodge',
            new Customer(
                'Ansgar Lodge Cooperative', '9 North Shore Drive, Lake Ansgar', '555-0108', 'keeper@ansgarlodge.example',
                'Deep snow from December to April. Propane tank buried on the lake side.', '555-0162',
            ),
            self::authority('north-district'),
            self::generator($shop, 'larch-48', Fuel::Propane, 25.0),
            new Connection('automatic_several', switchesNeutral: false, shed: [
                new ShedLoad('w10', 1, 300), new ShedLoad('c14', 2, 120), new ShedLoad('w6', 3, 60),
            ], settings: [
                'lost_pct' => 80.0, 'back_pct' => 90.0, 'start_s' => 15.0, 'warm_up_s' => 15.0, 'return_min' => 10.0,
                'cool_down_min' => 5.0,
                'exercise_min' => 12.0,
            ]),
            new WireRun(null, 130.0, laying: new Laying(raceway: Conduit::Pvc40, burial: Burial::Pvc, coverIn: 24.0), lengths: [
                new MeasuredLength('feeder disconnect:east-disconnect switch', 6.0), new MeasuredLength('feeder switch main:east', 11.0),
                new MeasuredLength('control switch generator', 136.0),
                new MeasuredLength('feeder disconnect:west-disconnect switch-2', 7.0),
                new MeasuredLength('feeder switch-2 main:west', 14.0),
                new MeasuredLength('control switch-2 generator', 138.0), new MeasuredLength('charger panel:east generator', 132.0),
                new MeasuredLength('feeder taps switch', 4.0), new MeasuredLength('feeder taps switch-2', 6.0),
            ]),
            new Service(
                DisconnectPlace::Cabinet,
                [
                    new Disconnect('east-disconnect', 'East disconnect', 200, true, Marking::Service),
                    new Disconnect('west-disconnect', 'West disconnect', 200, true, Marking::Service),
                ],
                400,
                [
                    new Panel(
                        'east', 'East panel', 40, PanelKind::Main, 200, false, 1, false, DemoCircuits::lodgeEast(), 'east-disconnect',
                        bonded: false, tandemSpaces: SpaceList::parse('21-24'), feederGround: FeederGround::Wire, otherBuilding: false,
                    ),
                    new Panel(
                        'west', 'West panel', 40, PanelKind::Main, 200, false, 1, false, DemoCircuits::lodgeWest(), 'west-disconnect',
                        bonded: false, tandemSpaces: SpaceList::parse('none'), feederGround: FeederGround::Wire, otherBuilding: false,
                    ),
                    new Panel(
                        'kitchen', 'Kitchen panel', 20, PanelKind::Sub, null, false, 1, false, DemoCircuits::lodgeKitchen(), 'east',
                        bonded: false, tandemSpaces: SpaceList::parse('none'), feederCircuit: 'c5',
                        feederGround: FeederGround::Wire, otherBuilding: false, mainLugs: true,
                    ),
                ],
                self::answered(ExistingFault::NoLabels),
                new OtherSource(OtherSourceKind::Solar, 'east', 'SOLAR, beside the east disconnect', OtherSourceRun::Relay),
            ),
            new Site(0, 1000, 0, 1180, 88, -34, 72, true, true),
            DemoPlans::lodge(),
            new FuelKept(
                '', null, 2.79, 41, 192, 80, true, 920_000, [
                    new GasAppliance('boiler', 'Boiler', 210_000, 40, 22), new GasAppliance('ranges', 'Kitchen ranges', 180_000, 62, 35),
                ], 151, 'The supplier drives out within two days', 'Depot at Lower Ansgar, 44 miles',
            ),
            new Basis(demand: new DemandInputs(
                DemandMethod::Standard, 240.0,
                new Dwelling(
                    5200, 4, 2,
                    [
                        ['id' => 'walk-in cooler', 'va' => 1765.0], ['id' => 'dish line', 'va' => 2400.0],
                        ['id' => 'well pump', 'va' => 3100.0], ['id' => 'septic lift pump', 'va' => 1730.0],
                        ['id' => 'sauna', 'va' => 7500.0],
                    ],
                    [12000.0, 12000.0], [5200.0], [7700.0], coolingVa: 1650.0, largestMotorVa: 3100.0,
                ),
            )),
        );
    }

    /** @return list<array{JobFile, int}> with the days since the last change */
    private static function small(Shop $shop): array
    {
        $rows = [
            ['Aldous cottage', 'Wren Aldous', '3 Mill Race, Upper Tarn', 'cottage', 'otter-60', Fuel::Gasoline, 'interlock', 412],
            ['Brackish Cove boathouse', 'Cove Rowing Club', 'Slip 4, Port Merrin', 'boathouse', 'finch-34', Fuel::Gasoline, 'cords', 388],
            ['Calloway duplex', 'Petra Calloway', '61 Lantern Street, Port Merrin', 'house', 'otter-80', Fuel::Propane, 'interlock', 371],
            [
                'Dorrit bakery', 'Dorrit and Sons', '12 Market Row, Tarn Falls', 'bakery', 'badger-95', Fuel::NaturalGas, 'manual_switch',
                340,
            ],
            ['Eskdale farmhouse', 'Marit Eskdale', '880 Ridge Road, Upper Tarn', 'farm', 'badger-95', Fuel::Gasoline, 'interlock', 322],
            ['Fennimore flat', 'Jules Fennimore', '5B Lantern Street, Port Merrin', 'flat', 'finch-22', Fuel::Gasoline, 'cords', 305],
            [
                'Garrick veterinary', 'Dr. Ada Garrick', '40 County Road 9, Tarn Falls', 'clinic', 'badger-120', Fuel::Propane,
                'interlock', 287,
            ],
            ['Hollin House', 'Bram Hollin', '17 Hollin Hill, Upper Tarn', 'house', 'stonecrop-14', Fuel::Propane, null, 260],
            ['Isherwood studio', 'Noor Isherwood', '2 Kiln Yard, Port Merrin', 'flat', 'finch-22-pair', Fuel::Gasoline, 'cords', 241],
            [
                'Jessop orchard store', 'Jessop Orchards', '700 Orchard Lane, Tarn Falls', 'farm', 'heron-65-pair', Fuel::Gasoline,
                'interlock', 219,
            ],
            ['Kittering cabin', 'Lowell Kittering', 'Lot 12, Lake Ansgar', 'cottage', 'otter-45', Fuel::Gasoline, 'interlock', 198],
            [
                'Lindqvist house', 'Maja Lindqvist', '33 Pilot Street, Port Merrin', 'house', 'otter-80', Fuel::Gasoline, 'manual_switch',
                176,
            ],
            ['Morrow tide house', 'Edda Morrow', '1 Breakwater, Port Merrin', 'house', null, null, null, 151],
            [
                'Nettle Bank clinic', 'Nettle Bank Trust', '90 Bank Street, Tarn Falls', 'clinic', 'stonecrop-19', Fuel::NaturalGas, null,
                133,
            ],
            ['Oxley garage', 'Piers Oxley', '14 Foundry Lane, Tarn Falls', 'boathouse', 'otter-60', Fuel::Propane, 'interlock', 117],
            ['Pellow fish shed', 'Pellow Brothers', 'Quay 2, Port Merrin', 'bakery', 'badger-120', Fuel::Gasoline, 'interlock', 96],
            ['Quennell house', 'Iris Quennell', '8 Cedar Rise, Upper Tarn', 'house', 'heron-65', Fuel::Propane, 'interlock', 74],
            ['Rushmere well', 'Rushmere Water Users', 'Section 6, Upper Tarn', 'well', 'badger-95', Fuel::Gasoline, 'interlock', 52],
            ['Sorrel Street house', 'Tamsin Oake', '204 Sorrel Street, Tarn Falls', 'house', null, null, null, 31],
            ['Thackeray cottage', 'Vesna Thackeray', '11 Shingle Lane, Lake Ansgar', 'cottage', 'otter-60', Fuel::Gasoline, null, 18],
        ];

        $jobs = [];
        foreach ($rows as [$name, $customer, $address, $house, $machine, $fuel, $way, $daysAgo]) {
            $jobs[] = [self::smallJob($shop, $name, $customer, $address, $house, $machine, $fuel, $way), $daysAgo];
        }

        return $jobs;
    }

    private static function smallJob(
        Shop $shop,
        string $name,
        string $customer,
        string $address,
        string $house,
        ?string $machine,
        ?Fuel $fuel,
        ?string $way,
    ): JobFile {
        [$spaces, $mainAmps, $circuits] = DemoCircuits::small($house);

        return new JobFile(
            $name, new Customer($customer, $address), self::authority('tarn-county'),
            new Service(DisconnectPlace::Panel, [], $mainAmps, [
                new Panel('main', 'Main panel', $spaces, PanelKind::Main, $mainAmps, true, 1, false, $circuits, bonded: true),
            ], otherSource: new OtherSource(OtherSourceKind::None)),
            $machine === null || $fuel === null ? new Generator : self::generator($shop, $machine, $fuel, 20.0),
            new Connection($way, switchKind: $way === 'manual_switch' ? SwitchKind::Pigtails : null),
            $way === null ? new WireRun : new WireRun(25.0, 15.0, laying: new Laying(raceway: Conduit::Emt)),
        );
    }

    /** Every question answered with no, but for these. */
    private static function answered(ExistingFault ...$found): ExistingEquipment
    {
        $existing = new ExistingEquipment;
        foreach (ExistingFault::cases() as $fault) {
            $existing = $existing->with($fault, in_array($fault, $found, true));
        }

        return $existing;
    }

    private static function authority(string $profile): Authority
    {
        /** @var array<string, array<string, mixed>> $profiles */
        $profiles = require database_path('data/rule-profiles.php');

        return new Authority(JobRows::rules($profiles[$profile]), $profile);
    }

    private static function generator(Shop $shop, string $key, Fuel $fuel, float $marginPct): Generator
    {
        $row = $shop->machines()->where('key', $key)->first();
        assert($row instanceof MachineRow);

        return new Generator($row->core(), $fuel, $marginPct);
    }

    private static function date(Job $job, int $daysAgo): void
    {
        $job->timestamps = false;
        $job->forceFill(['created_at' => now()->subDays($daysAgo + 9), 'updated_at' => now()->subDays($daysAgo)])->save();
    }
}

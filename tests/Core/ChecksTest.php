<?php

declare(strict_types=1);

namespace Tests\Core\ChecksTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Code;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\Rules\Rule;
use Underpin\Checks\Rules\Rules;
use Underpin\Checks\Severity;
use Underpin\Codebook\Burial;
use Underpin\Codebook\Conduit;
use Underpin\Codebook\TradeSize;
use Underpin\Geometry\Polygon;
use Underpin\Job\Authority;
use Underpin\Job\Circuit;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Duty;
use Underpin\Job\Dwelling;
use Underpin\Job\ExistingEquipment;
use Underpin\Job\ExistingFault;
use Underpin\Job\FeederGround;
use Underpin\Job\Fuel;
use Underpin\Job\FuelKept;
use Underpin\Job\GasAppliance;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\Laying;
use Underpin\Job\Load;
use Underpin\Job\LoadBasis;
use Underpin\Job\LoadKind;
use Underpin\Job\LocalRules;
use Underpin\Job\Machine\Housing;
use Underpin\Job\MachineKind;
use Underpin\Job\Measured;
use Underpin\Job\OtherSource;
use Underpin\Job\OtherSourceKind;
use Underpin\Job\OtherSourceRun;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\MachineSpot;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanItemKind;
use Underpin\Job\Plan\PlannedBuilding;
use Underpin\Job\Plan\SitePlan;
use Underpin\Job\Position;
use Underpin\Job\Rating;
use Underpin\Job\RecordedPeak;
use Underpin\Job\Role;
use Underpin\Job\Site;
use Underpin\Job\SpaceList;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Legs\Leg;
use Underpin\Sizing\Supply;

/*
 * Every check on the house that is in order, then with one thing changed: at its limit, past it,
 * and with each of its other conditions missing.
 */

/** @param  ?list<Circuit>  $circuits  instead of those of the house */
function sound(?array $circuits = null, mixed ...$changes): Job
{
    $house = Houses::small(Houses::supply(), 'interlock');
    $panels = $circuits === null ? $house->service->panels : [Changed::of($house->service->panels[0], circuits: $circuits)];

    return Changed::of($house, ...['panels' => $panels, ...$changes]);
}

/** Its plate says nothing of its neutral. */
function unknownNeutral(): Supply
{
    return new Supply(Changed::of(Houses::supply()->machine, bond: null), Houses::supply()->fuel);
}

/** Somebody breathes by it. */
function medical(float $runW, ?float $startW, ?float $bridgeMin = null): Circuit
{
    return new Circuit(
        'ox', new Position(9), 20, 'Bedroom', role: Role::Must,
        loads: [new Load('concentrator', 'Oxygen concentrator', LoadKind::Medical, $runW, $startW, bridgeMin: $bridgeMin)],
    );
}

/** A sound house whose picked machine is a standby, with an engine within 20 ft of an opening. */
function withStandbyNear(): Job
{
    return sound(
        supply: new Supply(Changed::of(Houses::supply()->machine, form: MachineKind::Standby), Houses::supply()->fuel),
        existing: new ExistingEquipment(['engine_close' => true]),
    );
}

/** A sound house with a sub-panel in the barn. */
function withBarn(mixed ...$barn): Job
{
    return sound(panels: [
        ...sound()->service->panels, new Panel('barn', 'Barn', 12, PanelKind::Sub, ...['fedFrom' => 'main', 'feederAmps' => 60, ...$barn]),
    ]);
}

/**
 * Two breakers of which the second was said to share the neutral of the first.
 *
 * @return list<Circuit>
 */
function sharing(string $one, string $other): array
{
    return [
        Houses::circuit($one, 1, Role::Must, 960, 960), Houses::circuit($other, 1, Role::Off, 600, 600)->with(sharesNeutralWith: "c$one"),
    ];
}

function solar(?OtherSourceRun $run = null, string $disconnect = 'PV disconnect', string $at = 'main'): OtherSource
{
    return new OtherSource(OtherSourceKind::Solar, $at, $disconnect, $run);
}

/** A house with so many amperes that must run on one leg of a sub-panel. */
function feeding(float $barnAmps, float $forHours = 0, ?int $feederAmps = 20): Job
{
    $inBarn = drawing($barnAmps, $forHours, breaker: 60)->with(id: 'b1');

    return withBarn(feederAmps: $feederAmps, circuits: [$inBarn]);
}

/** @return list<Finding> */
function found(Job $job, string $code): array
{
    return array_values(array_filter(Review::of($job)->findings, fn (Finding $f): bool => $f->code->value === $code));
}

function bonded(bool $gfci = false): Supply
{
    return new Supply(Changed::of(Houses::machine(), bond: GeneratorNeutral::Bonded, gfci: $gfci), Fuel::Gasoline);
}

function on120(): Supply
{
    return Houses::supply(3600, 4000, 120, Outlet::Locking30At120);
}

/** A circuit of these amperes at 120 V, or 240 V on two poles, of which so many run for hours. */
function drawing(
    float $amps,
    float $forHours = 0.0,
    string $space = '1',
    int $poles = 1,
    int $breaker = 20,
    Role $role = Role::Must,
    float $pf = 1.0,
): Circuit {
    $watts = fn (float $a): float => $a * 120 * $poles * $pf;
    $loads = [];
    if ($amps > $forHours) {
        $loads[] = new Load('short', 'Short', LoadKind::Other, $watts($amps - $forHours), $watts($amps - $forHours), $pf, Duty::ByHand);
    }
    if ($forHours > 0) {
        $loads[] = new Load('long', 'Long', LoadKind::Other, $watts($forHours), $watts($forHours), $pf, Duty::Continuous);
    }

    return Changed::of(Houses::circuit($space, $poles, $role, amps: $breaker), loads: $loads);
}

it('finds nothing in a house that is in order', function () {
    expect(Review::of(sound())->findings)->toBe([]);
});

/** @var array<string, array{string, Job, bool, 3?: Severity}> $houses  code, house, whether it is found there */
/** A house with an automatic switch: what the utility can give, and what its label says. */
function faulty(?int $utility, ?int $withstands, ?int $interrupt = null): Job
{
    $job = sound();

    return $job->with($job->connection->with(utilityFaultAmps: $utility, withstandAmps: $withstands, interruptAmps: $interrupt));
}

/**
 * A sound house with an automatic switch that is set like this.
 *
 * @param  array<string, float>  $settings
 */
function set(array $settings, string $way = 'automatic'): Job
{
    $job = Changed::of(sound(), connection: $way);

    return $job->with($job->connection->with(settings: $settings));
}

/** A sound house with its machine on the site plan: a lot of 120 by 100 ft where 60 dB are taken by night. */
function standing(MachineSpot $spot, PlanItem ...$items): Job
{
    $job = sound();
    $machine = Changed::of($job->generator->machine, housing: new Housing(noiseDb: 66, widthIn: 40, depthIn: 24));
    $lot = Polygon::rectangle(-40, -40, 120, 100)->corners;

    return Changed::of($job, supply: new Supply($machine, Fuel::Gasoline))->with(
        new SitePlan([], $lot, array_values($items), $spot), new Authority(new LocalRules(nightDb: 60)),
    );
}

/** A sound house of 30 by 20 ft with a propane tank so many feet to its right. */
function beside(?float $gal, PlanItemKind $kind, float $ft): Job
{
    $house = new PlannedBuilding('h', 'House', BuildingKind::House, Polygon::rectangle(0, 0, 30, 20)->corners, true);

    return sound()->with(
        new SitePlan([$house], Polygon::rectangle(-100, -100, 300, 300)->corners, [new PlanItem('t', $kind, 30 + $ft, 5, 10, 3)]),
        new Site(propaneTankGal: $gal),
    );
}

/** A sound house with its inlet so high, in so much snow. */
function hung(?float $heightIn, ?float $snowIn): Job
{
    return sound()->with(
        new SitePlan(items: [new PlanItem('i', PlanItemKind::Inlet, 0, 0, 0.5, 0.5, heightIn: $heightIn)]), new Site(snowIn: $snowIn),
    );
}

/** A sound house whose machine burns propane from a tank, at -10 °F. */
function onPropane(FuelKept $kept): Job
{
    $job = sound();
    $machine = Changed::of($job->generator->machine, ratings: [new Rating(Fuel::Propane, 4000, 5000, 0.2, null, 1.0)]);

    return Changed::of($job, supply: new Supply($machine, Fuel::Propane), site: new Site(propaneTankGal: 120, coldestF: -10))->with($kept);
}

/** A sound house whose run is laid like this. */
function laid(mixed ...$laying): Job
{
    return sound(wire: new WireRun(25, 20, laying: new Laying(...$laying)));
}

$houses = [
    'two breakers that share a neutral, on one leg' => ['MULTIWIRE_ONE_LEG', sound(sharing('5', '9')), true, Severity::Danger],
    'on both legs' => ['MULTIWIRE_ONE_LEG', sound(sharing('5', '7')), false],
    'in one tandem' => ['MULTIWIRE_ONE_LEG', sound(sharing('5a', '5b')), true],
    'with a breaker that is gone' => ['MULTIWIRE_ONE_LEG', sound([sharing('5', '9')[0]]), false],

    'an oxygen concentrator that nobody asked about' => ['MEDICAL_NOT_BRIDGED', sound([medical(350, 500)]), true, Severity::Wrong],
    'one that nothing bridges' => ['MEDICAL_NOT_BRIDGED', sound([medical(350, 500, 0)]), true],
    'one that is bridged for less than a start by hand takes' => ['MEDICAL_NOT_BRIDGED', sound([medical(350, 500, 19)]), true],
    'one that is bridged for as long' => ['MEDICAL_NOT_BRIDGED', sound([medical(350, 500, 20)]), false],

    'solar on the bus, and nothing said of it' => ['OTHER_SOURCE', sound(otherSource: solar()), true, Severity::Danger],
    'solar to be locked off by hand behind a switch that nobody throws' => [
        'OTHER_SOURCE_BY_HAND', Changed::of(set([], 'automatic_service'), otherSource: solar(OtherSourceRun::LockedOff)), true,
        Severity::Danger,
    ],
    'solar that a relay opens there' => [
        'OTHER_SOURCE_BY_HAND', Changed::of(set([], 'automatic_service'), otherSource: solar(OtherSourceRun::Relay)), false,
    ],
    'solar on the utility\'s side of that switch' => [
        'OTHER_SOURCE_BY_HAND', Changed::of(set([], 'automatic_service'), otherSource: solar(OtherSourceRun::UtilitySide)), false,
    ],
    'solar to be locked off by who slides the plate' => [
        'OTHER_SOURCE_BY_HAND', sound(otherSource: solar(OtherSourceRun::LockedOff)), false,
    ],
    'solar connected nobody knows where' => ['OTHER_SOURCE', sound(otherSource: solar(at: '')), true],
    'solar that is locked off' => ['OTHER_SOURCE', sound(otherSource: solar(OtherSourceRun::LockedOff)), false],
    'solar listed for it' => ['OTHER_SOURCE', sound(otherSource: solar(OtherSourceRun::Listed)), false],
    'solar on a panel that is not fed' => [
        'OTHER_SOURCE', sound(
            panels: [...sound()->service->panels, new Panel('other', 'Other', 8)], otherSource: solar(at: 'other'),
        ), false,
    ],
    'solar, and a switch with circuits of its own' => ['OTHER_SOURCE', sound(connection: 'manual_switch', otherSource: solar()), false],
    'neither solar nor a battery' => ['OTHER_SOURCE', sound(), false],
    'solar to be locked off nobody knows where' => [
        'OTHER_SOURCE_DISCONNECT', sound(otherSource: solar(OtherSourceRun::LockedOff, disconnect: '')), true, Severity::Wrong,
    ],
    'solar with a disconnect' => ['OTHER_SOURCE_DISCONNECT', sound(otherSource: solar(OtherSourceRun::LockedOff)), false],
    'solar listed for it, without one' => ['OTHER_SOURCE_DISCONNECT', sound(otherSource: solar(OtherSourceRun::Listed, '')), false],
    'nobody looked for solar' => ['OTHER_SOURCE_NOT_LOOKED', sound(otherSource: null), true, Severity::Advice],
    'nobody looked, and cords only' => ['OTHER_SOURCE_NOT_LOOKED', sound(connection: 'cords', otherSource: null), false],

    'more than the breaker of a switch carries' => [
        'FEED_OVERLOADED', sound(array_map(fn (int $i): Circuit => drawing(10.5, space: (string) (2 * $i)), range(1, 6)),
            supply: Houses::supply(12_000, 15_000, 240, Outlet::Straight50, 50), connection: 'manual_switch'), true, Severity::Wrong,
    ],
    'as much as it carries' => [
        'FEED_OVERLOADED', sound(array_map(fn (int $i): Circuit => drawing(10, space: (string) (2 * $i)), range(1, 6)),
            supply: Houses::supply(12_000, 15_000, 240, Outlet::Straight50, 50), connection: 'manual_switch'), false,
    ],
    '24 A for hours on a set of 30 A' => ['FEED_OVERLOADED', sound([drawing(12, 12, '5'), drawing(12, 12, '9')]), false],
    '24.1 A for hours on a set of 30 A' => ['FEED_OVERLOADED', sound([drawing(12, 12, '5'), drawing(12.1, 12.1, '9')]), true],
    '24.1 A on both legs between them' => ['FEED_OVERLOADED', sound([drawing(12, 12, '5'), drawing(12.1, 12.1, '7')]), false],
    'more than the outlet, which is found as that' => ['FEED_OVERLOADED', sound([drawing(31, 31, '5', breaker: 50)]), false],

    'more behind a feeder than its breaker carries' => ['FEEDER_OVERLOADED', feeding(20.5), true, Severity::Wrong],
    'as much as it carries behind it' => ['FEEDER_OVERLOADED', feeding(20), false],
    '16.1 A for hours behind a feeder of 20 A' => ['FEEDER_OVERLOADED', feeding(16.1, 16.1), true],
    'a feeder of unknown rating' => ['FEEDER_OVERLOADED', feeding(50, feederAmps: null), false],

    'a fuel that is not there' => ['FUEL_NOT_HERE', sound(site: new Site(gasolineGal: 0)), true, Severity::Wrong],
    'a fuel of which nothing is known' => ['FUEL_NOT_HERE', sound(site: new Site(propaneTankGal: 0)), false],
    'a fuel that is there' => ['FUEL_NOT_HERE', sound(site: new Site(gasolineGal: 10)), false],

    'NM cable where it is wet' => [
        'WIRING_WET', sound(wire: new WireRun(25, 20, method: WiringMethod::Cable, wet: true)), true, Severity::Wrong,
    ],
    'conduit where it is wet' => ['WIRING_WET', sound(wire: new WireRun(25, 20, wet: true)), false],
    'NM cable where it is dry' => ['WIRING_WET', sound(wire: new WireRun(25, 20, method: WiringMethod::Cable)), false],
    'NM cable where it is wet, and cords only' => [
        'WIRING_WET', sound(wire: new WireRun(25, 20, method: WiringMethod::Cable, wet: true), connection: 'cords'), false,
    ],

    'a calculation that is accepted' => [
        'CALCULATION_NOT_ACCEPTED', sound(demand: new DemandInputs(DemandMethod::Optional, dwelling: new Dwelling(1500))), false,
    ],
    'one that is not' => [
        'CALCULATION_NOT_ACCEPTED',
        sound(
            demand: new DemandInputs(DemandMethod::Optional, dwelling: new Dwelling(1500)),
            rules: new LocalRules(calculations: [DemandMethod::Standard]),
        ),
        true, Severity::Wrong,
    ],
    'none done where few are accepted' => ['CALCULATION_NOT_ACCEPTED', sound(rules: new LocalRules(calculations: [])), false],

    'sizing by a calculation that is not done' => [
        'CALCULATION_NOT_DONE', sound(figures: LoadBasis::Calculate, figuresReason: 'x'), true, Severity::Wrong,
    ],
    'sizing by one that is done' => [
        'CALCULATION_NOT_DONE',
        sound(
            figures: LoadBasis::Calculate, figuresReason: 'x',
            demand: new DemandInputs(DemandMethod::Optional, dwelling: new Dwelling(1500)),
        ),
        false,
    ],
    'sizing by the list without a calculation' => ['CALCULATION_NOT_DONE', sound(), false],
    'sizing by figures that were not measured' => [
        'NOT_MEASURED', sound(figures: LoadBasis::Measure, figuresReason: 'x'), true, Severity::Advice,
    ],
    'sizing by figures that were' => [
        'NOT_MEASURED',
        sound([Changed::of(drawing(5), measured: new Measured(Leg::A, 5, 6))], figures: LoadBasis::Measure, figuresReason: 'x'), false,
    ],
    'what need not run is not measured' => [
        'NOT_MEASURED', sound([drawing(5, role: Role::Room)], figures: LoadBasis::Measure, figuresReason: 'x'), false,
    ],
    'sizing by the list, nothing measured' => ['NOT_MEASURED', sound(), false],

    'a bonded machine on an interlock' => ['DOUBLE_BOND', sound(supply: bonded()), true, Severity::Wrong],
    'a bonded machine on a manual switch' => ['DOUBLE_BOND', sound(supply: bonded(), connection: 'manual_switch'), true],
    'a bonded machine on cords' => ['DOUBLE_BOND', sound(supply: bonded(), connection: 'cords'), false],
    'a bonded machine, no way picked' => ['DOUBLE_BOND', sound(supply: bonded(), connection: null), false],
    'a floating machine on an interlock' => ['DOUBLE_BOND', sound(), false],
    'a bonded machine with a ground-fault outlet' => ['BONDED_GFCI_TRIP', sound(supply: bonded(true)), true, Severity::Wrong],
    'a bonded machine without one' => ['BONDED_GFCI_TRIP', sound(supply: bonded()), false],

    'a neutral that nobody knows' => ['NEUTRAL_NOT_KNOWN', sound(supply: unknownNeutral()), true, Severity::Wrong],
    'a neutral that nobody knows, on cords' => ['NEUTRAL_NOT_KNOWN', sound(supply: unknownNeutral(), connection: 'cords'), false],
    'a known neutral' => ['NEUTRAL_NOT_KNOWN', sound(), false],

    'a short way' => ['DROP_LONG', sound(), false],
    'a cord with no foot to spare' => ['CORD_SHORT', sound(wire: new WireRun(25, 20)), false],
    'a cord that hangs tight' => ['CORD_SHORT', sound(wire: new WireRun(24.5, 20)), true, Severity::Wrong],
    'a cord where 30 ft are asked' => ['CORD_SHORT', sound(wire: new WireRun(34, 20), rules: new LocalRules(portableFt: 30)), true],
    'a cord that nobody has measured' => ['CORD_SHORT', sound(wire: new WireRun(null, 20)), false],
    'a very long cord' => ['DROP_LONG', sound(wire: new WireRun(900, 20)), true, Severity::Advice],

    'a must-run circuit without watts' => ['FIGURES_MISSING', sound([Houses::circuit('1', 1, Role::Must)]), true, Severity::Wrong],
    'a circuit with room, without watts' => ['FIGURES_MISSING', sound([Houses::circuit('1', 1, Role::Room)]), false],
    'a pump without starting watts' => [
        'START_MISSING', sound([Houses::circuit('1', 1, Role::Must, 600, null, LoadKind::Pump)]), true, Severity::Wrong,
    ],
    'a pump that need not run' => ['START_MISSING', sound([Houses::circuit('1', 1, Role::Room, 600, null, LoadKind::Pump)]), false],
    'lamps without starting watts' => ['START_MISSING', sound([Houses::circuit('1', 1, Role::Must, 600, null, LoadKind::Lighting)]), false],

    'an inlet as large as the outlet' => ['INLET_UNDER_OUTLET', sound(wire: new WireRun(25, 20, 30)), false],
    'an inlet smaller than the outlet' => ['INLET_UNDER_OUTLET', sound(wire: new WireRun(25, 20, 20)), true, Severity::Wrong],
    'an inlet larger than the outlet' => ['INLET_UNDER_OUTLET', sound(wire: new WireRun(25, 20, 50)), false],

    'spaces of the interlock free' => ['INTERLOCK_SPACES_TAKEN', sound([drawing(5, space: '5')]), false],
    'a breaker in the first of them' => ['INTERLOCK_SPACES_TAKEN', sound([drawing(5)]), true, Severity::Wrong],
    'a breaker in the second' => ['INTERLOCK_SPACES_TAKEN', sound([drawing(5, space: '3')]), true],
    'a breaker beside them' => ['INTERLOCK_SPACES_TAKEN', sound([drawing(5, space: '2')]), false],
    'a breaker there under a manual switch' => ['INTERLOCK_SPACES_TAKEN', sound([drawing(5)], connection: 'manual_switch'), false],

    'a circuit that answered on its own leg' => [
        'LEG_CONTRADICTS', sound([Changed::of(drawing(5), measured: new Measured(Leg::A, 5, 5))]), false,
    ],
    'a circuit that answered on the other' => [
        'LEG_CONTRADICTS', sound([Changed::of(drawing(5), measured: new Measured(Leg::B, 5, 5))]), true, Severity::Wrong,
    ],
    'a circuit that answered on both' => ['LEG_CONTRADICTS', sound([Changed::of(drawing(5), measured: new Measured(Leg::AB, 5, 5))]), true],
    'a circuit that was not measured' => ['LEG_CONTRADICTS', sound([drawing(5)]), false],

    // 7,200 W at 240 V are 30 A: half of it is 15 A.
    'legs 30 % apart' => ['LEGS_UNEVEN', sound([drawing(18), drawing(12.6, space: '4')]), false],
    'legs just over 30 % apart' => ['LEGS_UNEVEN', sound([drawing(18), drawing(12.5, space: '4')]), true, Severity::Advice],
    'legs a third apart' => ['LEGS_UNEVEN', sound([drawing(18), drawing(12, space: '4')]), true],
    'legs half apart, the fuller just at half of the machine' => ['LEGS_UNEVEN', sound([drawing(15), drawing(7, space: '4')]), false],
    'legs half apart, the fuller just over half of it' => ['LEGS_UNEVEN', sound([drawing(15.1), drawing(7, space: '4')]), true],
    'all on one leg, little of it' => ['LEGS_UNEVEN', sound([drawing(10)]), false],
    'even legs, full' => ['LEGS_UNEVEN', sound([drawing(20), drawing(19, space: '4')]), false],
    'uneven legs on a 120 V machine' => ['LEGS_UNEVEN', sound([drawing(18)], supply: on120()), false],
    'uneven legs and no machine' => ['LEGS_UNEVEN', sound([drawing(18)], supply: null), false],

    // A 20 A breaker carries 16 A for hours.
    '20 A for a short while on 20 A' => ['LOAD_OVER_BREAKER', sound([drawing(20)]), false],
    '20.1 A on 20 A' => ['LOAD_OVER_BREAKER', sound([drawing(20.1)]), true, Severity::Wrong],
    'no watts at all' => ['LOAD_OVER_BREAKER', sound([Houses::circuit('1', 1, Role::Must)]), false],
    '16 A for hours on 20 A' => ['CONTINUOUS_OVER_BREAKER', sound([drawing(16, 16)]), false],
    '16.1 A for hours on 20 A' => ['CONTINUOUS_OVER_BREAKER', sound([drawing(16.1, 16.1)]), true, Severity::Wrong],
    '18 A on 20 A, 8 A of it for hours' => ['CONTINUOUS_OVER_BREAKER', sound([drawing(18, 8)]), false],
    '18 A on 20 A, 8.2 A of it for hours' => ['CONTINUOUS_OVER_BREAKER', sound([drawing(18, 8.2)]), true],
    '18 A on 20 A, nothing for hours' => ['CONTINUOUS_OVER_BREAKER', sound([drawing(18)]), false],
    '21 A for hours on 20 A is over altogether' => ['CONTINUOUS_OVER_BREAKER', sound([drawing(21, 21)]), false],
    '16.1 A for hours on two poles' => ['CONTINUOUS_OVER_BREAKER', sound([drawing(16.1, 16.1, poles: 2)]), true],
    '13 A for hours at a power factor of 0.8' => ['CONTINUOUS_OVER_BREAKER', sound([drawing(16.1, 16.1, pf: 0.8)]), true],

    'multiwire circuits on a 120 V machine behind an interlock' => [
        'MWBC_120',
        sound(
            [Houses::circuit('8', 1, Role::Must, 100)], supply: on120(),
            panels: [Changed::of(Houses::small()->service->panels[0], hasMultiwire: true)],
        ),
        true, Severity::Danger,
    ],
    'behind a manual switch' => [
        'MWBC_120',
        sound(supply: on120(), connection: 'manual_switch', panels: [Changed::of(Houses::small()->service->panels[0], hasMultiwire: true)]),
        true,
    ],
    'on cords' => [
        'MWBC_120',
        sound(supply: on120(), connection: 'cords', panels: [Changed::of(Houses::small()->service->panels[0], hasMultiwire: true)]), false,
    ],
    'on a machine with both legs' => [
        'MWBC_120', sound(panels: [Changed::of(Houses::small()->service->panels[0], hasMultiwire: true)]), false,
    ],
    'without a machine' => [
        'MWBC_120', sound(supply: null, panels: [Changed::of(Houses::small()->service->panels[0], hasMultiwire: true)]), false,
    ],
    'not looked whether there are any' => [
        'MWBC_120', sound(supply: on120(), panels: [Changed::of(Houses::small()->service->panels[0], hasMultiwire: null)]), false,
    ],
    'no multiwire circuits' => ['MWBC_120', sound(supply: on120()), false],

    'a well pump on 120 V' => ['NO_240_VOLTS', sound(supply: on120()), true, Severity::Wrong],
    'a well pump on 240 V' => ['NO_240_VOLTS', sound(), false],
    'a range that is left off on 120 V' => [
        'NO_240_VOLTS', sound([drawing(5, space: '10', poles: 2, role: Role::Off), drawing(5)], supply: on120()), false,
    ],

    'nothing marked' => ['NOTHING_MUST_RUN', sound([drawing(5, role: Role::Room)]), true, Severity::Advice],
    'no circuits at all' => ['NOTHING_MUST_RUN', sound([]), false],
    'one marked' => ['NOTHING_MUST_RUN', sound([drawing(5)]), false],

    'a leg at the running limit' => ['OVER_RUN', sound([drawing(30, breaker: 50)]), false],
    'a leg over the running limit' => ['OVER_RUN', sound([drawing(30.1, breaker: 50)]), true, Severity::Wrong],
    'the other leg over it' => ['OVER_RUN', sound([drawing(30.1, space: '4', breaker: 50)]), true],
    'both legs of a 120 V machine together over it' => ['OVER_RUN', sound([drawing(16), drawing(14.1, space: '4')], supply: on120()), true],

    // 9,000 W at 240 V are 37.5 A for a moment.
    'a start at the surge limit' => ['OVER_SURGE', sound([Houses::circuit('5', 1, Role::Must, 600, 4500, LoadKind::Pump)]), false],
    'a start over it' => ['OVER_SURGE', sound([Houses::circuit('5', 1, Role::Must, 600, 4501, LoadKind::Pump)]), true, Severity::Wrong],
    'a start over it that need not run' => ['OVER_SURGE', sound([Houses::circuit('5', 1, Role::Room, 600, 4501, LoadKind::Pump)]), false],
    'a start that holds first but not again' => [
        'RESTART_OVER_SURGE',
        sound([Houses::circuit('5', 1, Role::Must, 600, 4000, LoadKind::Pump), drawing(10, space: '2'), drawing(10, space: '6')]), true,
        Severity::Advice,
    ],
    'a start that holds again too' => [
        'RESTART_OVER_SURGE', sound([Houses::circuit('5', 1, Role::Must, 600, 2000, LoadKind::Pump), drawing(10, space: '6')]), false,
    ],

    'a 15 A receptacle on 15 A' => ['RECEPTACLE_UNDER_BREAKER', sound([Changed::of(drawing(5, breaker: 15), receptacleAmps: 15)]), false],
    'a 15 A receptacle on 20 A' => [
        'RECEPTACLE_UNDER_BREAKER', sound([Changed::of(drawing(5), receptacleAmps: 15)]), true, Severity::Wrong,
    ],
    'a 15 A receptacle with 15 A' => ['RECEPTACLE_UNDER_LOAD', sound([Changed::of(drawing(15, breaker: 20), receptacleAmps: 15)]), false],
    'a 15 A receptacle with 15.1 A' => [
        'RECEPTACLE_UNDER_LOAD', sound([Changed::of(drawing(15.1, breaker: 20), receptacleAmps: 15)]), true, Severity::Wrong,
    ],
    'several receptacles with 15.1 A' => ['RECEPTACLE_UNDER_LOAD', sound([drawing(15.1, breaker: 20)]), false],
    'a 15 A receptacle with 16 A measured and 5 A listed' => [
        'RECEPTACLE_UNDER_LOAD', sound([Changed::of(drawing(5, breaker: 15), receptacleAmps: 15, measured: new Measured(Leg::A, 16, 16))]),
        true,
    ],
    'a 15 A receptacle with 5 A measured and 16 A listed' => [
        'RECEPTACLE_UNDER_LOAD', sound([Changed::of(drawing(16, breaker: 15), receptacleAmps: 15, measured: new Measured(Leg::A, 5, 5))]),
        false,
    ],

    'a panel that no interlock is listed for' => [
        'CONNECTION_NOT_POSSIBLE', sound(panels: [Changed::of(sound()->service->panels[0], interlockListed: false)]), true, Severity::Wrong,
    ],
    'a panel whose listing was not looked up' => [
        'CONNECTION_OPEN', sound(panels: [Changed::of(sound()->service->panels[0], interlockListed: null)]), true, Severity::Advice,
    ],
    'a panel that one is listed for' => ['CONNECTION_OPEN', sound(), false],
    'a bond in a sub-panel' => [
        'NEUTRAL_IN_SUBPANEL',
        sound(panels: [
            ...sound()->service->panels,
            new Panel('barn', 'Barn', 12, PanelKind::Sub, bonded: true, fedFrom: 'main', feederAmps: 60),
        ]),
        true, Severity::Danger,
    ],
    'no bond in a sub-panel' => [
        'NEUTRAL_IN_SUBPANEL',
        sound(panels: [
            ...sound()->service->panels,
            new Panel('barn', 'Barn', 12, PanelKind::Sub, bonded: false, fedFrom: 'main', feederAmps: 60),
        ]),
        false,
    ],
    'a bond in a sub-panel on three wires, in another building' => [
        'THREE_WIRE_FEEDER', withBarn(bonded: true, feederGround: FeederGround::None, otherBuilding: true), true, Severity::Advice,
    ],
    'which is none of the others' => [
        'NEUTRAL_IN_SUBPANEL', withBarn(bonded: true, feederGround: FeederGround::None, otherBuilding: true), false,
    ],
    'the same in the same building' => [
        'NEUTRAL_IN_SUBPANEL', withBarn(bonded: true, feederGround: FeederGround::None, otherBuilding: false), true, Severity::Danger,
    ],
    'a sub-panel on three wires without a bond' => [
        'NO_FAULT_PATH', withBarn(bonded: false, feederGround: FeederGround::None), true, Severity::Danger,
    ],
    'with a bond it has a way back' => ['NO_FAULT_PATH', withBarn(bonded: true, feederGround: FeederGround::None), false],
    'with a fourth wire too' => ['NO_FAULT_PATH', withBarn(bonded: false, feederGround: FeederGround::Wire), false],
    'with metal too' => ['NO_FAULT_PATH', withBarn(bonded: false, feederGround: FeederGround::Metal), false],
    'a ground that nobody looked at' => ['NO_FAULT_PATH', withBarn(bonded: false), false],
    'a medical load on a circuit that waits for room' => [
        'MEDICAL_LEFT_OFF', sound([Changed::of(medical(300, 400), role: Role::Room)]), true, Severity::Wrong,
    ],
    'on one that is left off' => ['MEDICAL_LEFT_OFF', sound([Changed::of(medical(300, 400), role: Role::Off)]), true],
    'on one that must run' => ['MEDICAL_LEFT_OFF', sound([medical(300, 400)]), false],
    'a medical load without starting watts' => ['START_MISSING', sound([medical(300, null)]), true, Severity::Wrong],
    'with starting watts' => ['START_MISSING', sound([medical(300, 400)]), false],
    'a standby nearer than a portable may stand' => [
        'EXISTING_STANDBY_DISTANCE', withStandbyNear(), true, Severity::Wrong,
    ],
    'which is not the danger that a portable is there' => ['EXISTING_ENGINE_CLOSE', withStandbyNear(), false],
    'no bond at the service' => [
        'NO_SERVICE_BOND', sound(panels: [Changed::of(sound()->service->panels[0], bonded: false)]), true, Severity::Danger,
    ],
    'a bond at the service that was not looked for' => [
        'NO_SERVICE_BOND', sound(panels: [Changed::of(sound()->service->panels[0], bonded: null)]), false,
    ],
    'a calculation that rests on a peak of ten days' => [
        'RECORDED_PEAK_DOUBTFUL',
        sound(
            demand: new DemandInputs(DemandMethod::Measured, peakVa: 5000),
            recorded: new RecordedPeak(5000, '2026-01-05 17:15', 10, 900, 0, false, false, 'meter.csv'),
        ),
        true, Severity::Wrong,
    ],
    'a tandem where the label accepts none' => [
        'TANDEM_NOT_ACCEPTED',
        sound(panels: [Changed::of(
            sound()->service->panels[0], tandemSpaces: SpaceList::parse('none'),
            circuits: [...sound()->service->panels[0]->circuits, Houses::circuit('12a', 1, Role::Off, name: 'Den')],
        )]),
        true, Severity::Wrong,
    ],
    'a tandem where the label accepts them' => [
        'TANDEM_NOT_ACCEPTED',
        sound(panels: [Changed::of(
            sound()->service->panels[0], tandemSpaces: SpaceList::parse('12-20'),
            circuits: [...sound()->service->panels[0]->circuits, Houses::circuit('12a', 1, Role::Off, name: 'Den')],
        )]),
        false,
    ],

    'an old fault answered yes' => [
        'EXISTING_'.strtoupper(ExistingFault::cases()[0]->value),
        sound(existing: new ExistingEquipment([ExistingFault::cases()[0]->value => true])), true,
    ],
    'an old fault answered no' => [
        'EXISTING_'.strtoupper(ExistingFault::cases()[0]->value),
        sound(existing: new ExistingEquipment([ExistingFault::cases()[0]->value => false])), false,
    ],

    'PVC with 17 inches of earth over it' => ['BURIAL_SHALLOW', laid(burial: Burial::Pvc, coverIn: 17.0), true, Severity::Wrong],
    'with 18' => ['BURIAL_SHALLOW', laid(burial: Burial::Pvc, coverIn: 18.0), false],
    'a cable with 23' => ['BURIAL_SHALLOW', laid(burial: Burial::Cable, coverIn: 23.0), true],
    'a cable with 24' => ['BURIAL_SHALLOW', laid(burial: Burial::Cable, coverIn: 24.0), false],
    'rigid metal with 6' => ['BURIAL_SHALLOW', laid(burial: Burial::Rigid, coverIn: 6.0), false],
    'rigid metal with 6 under a driveway' => ['BURIAL_SHALLOW', laid(burial: Burial::Rigid, coverIn: 6.0, underDrive: true), true],
    'nothing in the ground' => ['BURIAL_SHALLOW', laid(burial: Burial::None, coverIn: 0.0), false],
    'a cover that nobody measured' => ['BURIAL_SHALLOW', laid(burial: Burial::Pvc), false],
    'NM cable that is buried' => [
        'WIRING_WET', sound(wire: new WireRun(25, 20, method: WiringMethod::Cable, laying: new Laying(burial: Burial::Pvc))), true,
    ],
    'five quarter bends' => ['BENDS_OVER', laid(bendDeg: 450.0), true, Severity::Wrong],
    'four' => ['BENDS_OVER', laid(bendDeg: 360.0), false],
    // Four 10s take 0.0844 in² of 0.285, 29.6 %; three 6s and a 10 take 0.1732 in², 61 %.
    'four 10s in half an inch' => ['RACEWAY_FULL', laid(raceway: Conduit::Pvc40, trade: TradeSize::Half), false],
    'three 6s and a 10 in half an inch' => [
        'RACEWAY_FULL',
        sound(
            supply: Houses::supply(12_000, 15_000, 240, Outlet::Straight50, 50),
            wire: new WireRun(25, 20, laying: new Laying(raceway: Conduit::Pvc40, trade: TradeSize::Half)),
        ),
        true, Severity::Wrong,
    ],
    'a size that is not made' => ['RACEWAY_FULL', laid(raceway: Conduit::LfncB, trade: TradeSize::Three), true],
    'a raceway whose size follows' => ['RACEWAY_FULL', laid(raceway: Conduit::Pvc40), false],

    'a switch that withstands less than the utility gives' => ['FAULT_OVER_WITHSTAND', faulty(22_000, 10_000), true, Severity::Danger],
    'one that withstands as much' => ['FAULT_OVER_WITHSTAND', faulty(22_000, 22_000), false],
    'one whose label nobody read' => ['FAULT_OVER_WITHSTAND', faulty(22_000, null), false],
    'a utility that was not asked' => ['FAULT_OVER_WITHSTAND', faulty(null, 10_000), false],
    // 40 A at 0.15 are 267 A.
    'breakers that interrupt less than the utility gives' => [
        'FAULT_OVER_BREAKERS', faulty(22_000, 22_000, 10_000), true, Severity::Danger,
    ],
    'breakers that interrupt as much' => ['FAULT_OVER_BREAKERS', faulty(10_000, null, 10_000), false],
    'breakers whose labels nobody read' => ['FAULT_OVER_BREAKERS', faulty(22_000, 22_000), false],
    'one that withstands less than the generator gives' => ['FAULT_OVER_WITHSTAND', faulty(null, 100), true],

    'a switch that finds the utility lost and back at once' => [
        'SETTINGS_CROSSED', set(['lost_pct' => 80.0, 'back_pct' => 80.0]), true, Severity::Wrong,
    ],
    'one that waits for more' => ['SETTINGS_CROSSED', set(['lost_pct' => 80.0, 'back_pct' => 90.0]), false],
    'one of which half is set' => ['SETTINGS_CROSSED', set(['lost_pct' => 80.0]), false],
    'an engine that starts at every flicker' => ['SETTINGS_UNUSUAL', set(['start_s' => 1.0]), true, Severity::Advice],
    'between two usual ranges' => ['SETTINGS_UNUSUAL', set(['lost_pct' => 75.0]), true],
    'at the ends of what is usual' => [
        'SETTINGS_UNUSUAL', set(['lost_pct' => 70.0, 'back_pct' => 75.0, 'start_s' => 30.0, 'warm_up_s' => 5.0, 'cool_down_min' => 3.0]),
        false,
    ],
    'a setting of a switch that is thrown by hand' => ['SETTINGS_UNUSUAL', set(['start_s' => 1.0], 'interlock'), false],

    'a machine at the line' => ['PROPERTY_NEAR', standing(new MachineSpot(77, 10)), true, Severity::Wrong],
    'a machine beside a gas tank' => [
        'GAS_NEAR', standing(new MachineSpot(60, 10), new PlanItem('t', PlanItemKind::Tank, 66, 10, 4, 4)), true,
    ],
    'a machine with room on every side' => ['GAS_NEAR', standing(new MachineSpot(60, 10)), false],
    'a tank of 250 gal at the house' => ['TANK_NEAR', beside(250, PlanItemKind::Tank, 5), true, Severity::Wrong],
    'one that keeps its ten feet' => ['TANK_NEAR', beside(250, PlanItemKind::Tank, 10), false],
    'one of 1,000 gal at ten feet' => ['TANK_NEAR', beside(1_000, PlanItemKind::Tank, 10), true],
    'the same in the ground' => ['TANK_NEAR', beside(1_000, PlanItemKind::BuriedTank, 10), false],
    'a small one at the wall' => ['TANK_NEAR', beside(120, PlanItemKind::Tank, 1), false],
    'one whose size nobody noted' => ['TANK_NEAR', beside(null, PlanItemKind::Tank, 1), false],
    'an inlet under the snow' => ['INLET_REACH', hung(30, 36), true, Severity::Advice],
    'an inlet above it' => ['INLET_REACH', hung(48, 36), false],
    'an inlet that takes a ladder' => ['INLET_REACH', hung(80, null), true],
    'an inlet that nobody measured' => ['INLET_REACH', hung(null, 36), false],

    'a loud machine at night' => ['NOISE_OVER', standing(new MachineSpot(60, 10)), true, Severity::Advice],
    'one that is far enough' => ['NOISE_OVER', standing(new MachineSpot(20, 8)), false],

    // What runs burns about half a gallon an hour, 48,000 BTU; at -10 °F and 20 % full a tank gives diameter × length × 30.
    'a small tank in the cold' => ['TANK_VAPOUR_SHORT', onPropane(new FuelKept(tankDiameterIn: 14, tankLengthIn: 40, buried: false)), true],
    'a large one' => ['TANK_VAPOUR_SHORT', onPropane(new FuelKept(tankDiameterIn: 37, tankLengthIn: 120, buried: false)), false],
    'one of which the supplier says enough' => [
        'TANK_VAPOUR_SHORT', onPropane(new FuelKept(tankDiameterIn: 14, tankLengthIn: 40, buried: false, supplierBtuh: 90_000)), false,
    ],
    'one that is enough for the machine, and not for the furnace too' => [
        'TANK_VAPOUR_SHORT', onPropane(new FuelKept(supplierBtuh: 90_000, appliances: [new GasAppliance('f', 'Furnace', 80_000)])), true,
    ],
    'a buried one that nobody asked about' => [
        'TANK_VAPOUR_SHORT', onPropane(new FuelKept(tankDiameterIn: 14, tankLengthIn: 40, buried: true)), false,
    ],

    'a wire that no table has' => [
        'WIRE_NOT_FOUND',
        sound(
            supply: Houses::supply(48000, 60000, 240, Outlet::Terminals, 400),
            wire: new WireRun(25, 20, method: WiringMethod::Cable, ambientC: 54),
        ),
        true, Severity::Wrong,
    ],
];

it('finds a fault when and only when all that makes it is there', function (
    string $code, Job $job, bool $there, ?Severity $severity = null,
) {
    $findings = found($job, $code);
    expect(count($findings) > 0)->toBe($there);
    foreach ($findings as $finding) {
        expect($finding->what)->not->toBe('')
            ->and($finding->why)->not->toBe('')
            ->and($finding->do)->not->toBe('')
            ->and($finding->source->words())->not->toBe('');
        if ($severity !== null) {
            expect($finding->severity)->toBe($severity);
        }
    }
})->with($houses);

it('says of every fault what it has always said', function () use ($houses) {
    $said = [];
    foreach ($houses as [$code, $job, $there]) {
        if ($there && ! isset($said[$code])) {
            $said[$code] = found($job, $code)[0];
        }
    }
    foreach (ExistingFault::cases() as $fault) {
        $code = 'EXISTING_'.strtoupper($fault->value);
        $said[$code] = found(sound(existing: new ExistingEquipment([$fault->value => true])), $code)[0];
    }
    ksort($said, SORT_STRING);
    $text = implode("\n", array_map(
        fn (string $code, Finding $f): string => "$code ({$f->severity->value}, {$f->stage->value}, {$f->source->words()})\n"
            ."  $f->what\n  $f->why\n  $f->do\n",
        array_keys($said), $said,
    ));
    $codes = array_map(fn (Code $code): string => $code->value, Code::cases());
    // The rules of an arrangement have their own rows and texts there.
    $ofArrangements = array_map(fn (Rule $rule): string => $rule->code()->value, Rules::all());
    expect(array_values(array_diff($codes, array_keys($said), $ofArrangements)))->toBe([])
        // A change of a sentence is a change of what people are told: it is made here too, by hand.
        ->and($text)->toBe((string) file_get_contents(__DIR__.'/golden/findings.txt'));
});

it('says by the figures that count what goes through a receptacle', function () {
    $listed = found(sound([Changed::of(drawing(16, breaker: 15), receptacleAmps: 15)]), 'RECEPTACLE_UNDER_LOAD')[0];
    $measured = found(
        sound([Changed::of(drawing(5, breaker: 15), receptacleAmps: 15, measured: new Measured(Leg::A, 17, 17))]), 'RECEPTACLE_UNDER_LOAD',
    )[0];
    expect($listed->what)->toContain('16.0 A listed')
        ->and($listed->circuitId)->toBe('c1')
        ->and($measured->what)->toContain('17.0 A measured')->toContain('made for 15 A');
});

it('says how much of a load runs for hours', function () {
    expect(
        found(sound([drawing(18, 10)]), 'CONTINUOUS_OVER_BREAKER')[0]->what
    )->toContain('10.0 A of it run for hours')->toContain('20.5 A on a 20 A breaker');
});

it('names the circuits that were not measured', function () {
    $one = found(
        sound(
            [drawing(5), Changed::of(drawing(5, space: '2'), measured: new Measured(Leg::A, 5, 5))], figures: LoadBasis::Measure,
            figuresReason: 'x',
        ),
        'NOT_MEASURED',
    )[0];
    $two = found(sound([drawing(5), drawing(5, space: '2')], figures: LoadBasis::Measure, figuresReason: 'x'), 'NOT_MEASURED')[0];
    expect($one->what)->toContain('1 circuit that must run was not measured: 1 circuit 1.')
        ->and($two->what)->toContain('2 circuits that must run were not measured: 1 circuit 1 and 2 circuit 2.');
});

it('says what is lost on the way', function () {
    // 900 ft of 10 AWG cord and 20 ft of 10 AWG copper at 1.24 ohms per 1,000 ft: 2 x 1.24 x 30 x 0.92 = 68.4 V, 28.5 % of 240 V.
    expect(found(sound(wire: new WireRun(900, 20)), 'DROP_LONG')[0]->what)->toContain('29 % of the voltage is lost on the way at 30 A');
});

it('has a sentence, a reason, a remedy and a rule for every old fault', function (ExistingFault $fault) {
    $finding = found(sound(existing: new ExistingEquipment([$fault->value => true])), 'EXISTING_'.strtoupper($fault->value))[0];
    expect($finding->what)->toMatch('/^[A-Z].+\.$/')
        ->and($finding->why)->toMatch('/^[A-Z].+\.$/')
        ->and($finding->do)->toMatch('/^[A-Z].+\.$/')
        ->and($finding->source->words())->not->toBe('');
})->with(ExistingFault::cases());

it('finds what belongs to a circuit under it alone', function () {
    $review = Review::of(sound([drawing(21), drawing(21, space: '4')]));
    expect(array_map(fn (Finding $f) => $f->circuitId, $review->onCircuit('c4')))->toBe(['c4'])->and($review->onCircuit('c9'))->toBe([]);
});

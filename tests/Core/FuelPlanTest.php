<?php

declare(strict_types=1);

namespace Tests\Core\FuelPlanTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Design\Design;
use Underpin\Exchange\JobFile;
use Underpin\Fuel\FuelDay;
use Underpin\Fuel\FuelPlan;
use Underpin\Fuel\GasPipe;
use Underpin\Fuel\GasTree;
use Underpin\Fuel\PipedGas;
use Underpin\Fuel\PipeSection;
use Underpin\Geometry\Point;
use Underpin\Job\Fuel;
use Underpin\Job\FuelKept;
use Underpin\Job\GasAppliance;
use Underpin\Job\Job;
use Underpin\Job\Machine\Housing;
use Underpin\Job\Machine\StoredEnergy;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Plan\Route;
use Underpin\Job\Plan\RouteKind;
use Underpin\Job\Plan\SitePlan;
use Underpin\Job\Rating;
use Underpin\Job\Role;
use Underpin\Job\Site;
use Underpin\Loads\Plan;
use Underpin\Loads\RoleSums;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Verdict;

/** A house that must run 1,200 W on A and 800 W on B, a machine of 8,000 W that burns 0.4 idle and 1.2 full. */
function burning(Fuel $fuel, FuelKept $kept = new FuelKept, Site $site = new Site, ?Rating $rating = null): Job
{
    $machine = Changed::of(
        Houses::machine(8000, 10_000, 240, Outlet::Locking30, 30), ratings: [$rating ?? new Rating($fuel, 8000, 10_000, 0.4, null, 1.2)],
        housing: new Housing(tankGal: 6),
    );

    return Houses::job(
        'x', panels: [new Panel('main', 'Main panel', 20, PanelKind::Main, 200, true, 1, false, [
            Houses::circuit('1', 1, Role::Must, 1200, 1200), Houses::circuit('3', 1, Role::Must, 800, 800),
        ])],
        supply: new Supply($machine, $fuel), site: $site, connection: 'interlock',
    )->with($kept);
}

function plan(Job $job): FuelPlan
{
    return (new Design($job))->fuel() ?? throw new \LogicException('no machine');
}

it('burns at the loads of the job, not at full load', function () {
    $plan = plan(burning(Fuel::Gasoline, new FuelKept(usdPerUnit: 4.0), new Site(gasolineGal: 15)));
    // 0.4 + 0.8 × 2,000 / 8,000
    expect($plan->loadW)->toEqualWithDelta(2000, 1e-6)->and($plan->hour?->burnPerH)->toEqualWithDelta(0.6, 1e-9)
        ->and($plan->tankHours())->toEqualWithDelta(10.0, 1e-9)->and($plan->storedHours())->toEqualWithDelta(25.0, 1e-9);
    $days = array_map(fn (FuelDay $d): array => [
        $d->days, round($d->units, 6), round((float) $d->usd, 6), $d->refuels, round((float) $d->short, 6),
    ],
        $plan->days());
    // A tank of ten hours is filled twice in a day: after ten and after twenty.
    expect($days)->toBe([[1, 14.4, 57.6, 2, 0.0], [3, 43.2, 172.8, 7, 28.2], [7, 100.8, 403.2, 16, 85.8]]);
});

it('never takes more than the machine gives here', function () {
    $job = burning(Fuel::Gasoline, site: new Site(altitudeFt: 8000), rating: new Rating(Fuel::Gasoline, 2100, null, 0.4, null, 1.2));
    expect(plan($job)->loadW)->toBeLessThan(2000.0);
});

it('uses of a propane tank what lies between full and nearly empty', function (?float $fill, float $gal) {
    expect(plan(burning(Fuel::Propane, new FuelKept(tankFillPct: $fill), new Site(propaneTankGal: 100)))->storedGal())->toBe($gal);
})->with([[null, 60.0], [70.0, 50.0], [15.0, 0.0]]);

it('says what a tank boils off where the table speaks, and asks the supplier elsewhere', function (
    FuelKept $kept, ?float $coldest, ?float $btuh, string $missing,
) {
    $plan = plan(burning(Fuel::Propane, $kept, new Site(coldestF: $coldest)));
    expect($plan->vapourBtuh())->toBe($btuh)->and($plan->vapourMissing())->toContain($missing);
})->with([
    // 24 × 60 × 60 (20 % full) × 1 at 0 °F
    'above ground' => [new FuelKept(tankDiameterIn: 24, tankLengthIn: 60, buried: false), 0.0, 86_400.0, ''],
    'buried' => [new FuelKept(tankDiameterIn: 24, tankLengthIn: 60, buried: true), 0.0, null, 'soil'],
    'nobody looked whether' => [new FuelKept(tankDiameterIn: 24, tankLengthIn: 60), 0.0, null, 'whether the tank is buried'],
    'colder than the table' => [new FuelKept(tankDiameterIn: 24, tankLengthIn: 60, buried: false), -16.0, null, 'below the table'],
    'no coldest day' => [new FuelKept(tankDiameterIn: 24, tankLengthIn: 60, buried: false), null, null, 'coldest day'],
    'no size' => [new FuelKept(buried: false), 0.0, null, 'diameter'],
    'the supplier spoke' => [new FuelKept(buried: true, supplierBtuh: 300_000), -30.0, 300_000.0, ''],
]);

it('counts every appliance and the machine at full load on the meter', function (array $appliances, ?float $meter, bool $found) {
    $job = burning(
        Fuel::NaturalGas, new FuelKept(appliances: $appliances), new Site(gasMeterCfh: $meter),
        new Rating(Fuel::NaturalGas, 8000, null, 60, null, 150),
    );
    expect(plan($job)->meterCfh())->toBe(150.0 + array_sum(array_map(fn (GasAppliance $a): float => $a->btuh, $appliances)) / 1000)
        ->and(in_array('GAS_METER', array_map(fn (Finding $f): string => $f->code->value, Review::of($job)->findings), true))->toBe($found);
})->with([
    'too small for the machine alone' => [[], 149.0, true], 'nobody noted what else burns' => [[], 250.0, false],
    'too small with the furnace' => [[new GasAppliance('f', 'Furnace', 100_001)], 250.0, true],
    'just enough' => [[new GasAppliance('f', 'Furnace', 100_000)], 250.0, false], 'no meter noted' => [[], null, false],
]);

it('takes the pipe at full load over the way on the plan, or as typed', function () {
    $rating = new Rating(Fuel::NaturalGas, 8000, null, 60, null, 220);
    $way = new SitePlan(routes: [new Route(RouteKind::Gas, [new Point(0, 0), new Point(40, 0), new Point(40, 20)])]);
    $job = burning(Fuel::NaturalGas, rating: $rating);
    expect(plan($job)->pipes())->toBeNull()->and(plan($job->with($way))->pipeFt())->toBe(60.0)
        // 1 in carries 257 cubic feet an hour over 60 ft, and 169 over 130.
        ->and(plan($job->with($way))->pipes()?->sections[0]->pipe?->smallest)->toBe('1')
        ->and(plan($job->with($way, new FuelKept(pipeFt: 130)))->pipes()?->sections[0]->pipe?->smallest)->toBe('1-1/4')
        ->and(plan(burning(Fuel::Gasoline)->with($way))->pipes())->toBeNull();
});

it('knows when gasoline goes bad', function (string $bought, ?bool $treated, ?string $bad) {
    expect(plan(burning(Fuel::Gasoline, new FuelKept(boughtOn: $bought, treated: $treated)))->badOn())->toBe($bad);
})->with([
    ['2026-01-01', false, '2026-06-30'], ['2026-01-01', null, '2026-06-30'], ['2026-01-01', true, '2027-01-01'], ['', true, null],
]);

it('fills its tank by the hour through a day and a night', function (float $gal, array $hours) {
    $job = burning(Fuel::Gasoline);
    $machine = Changed::of($job->generator->machine, housing: new Housing(tankGal: $gal));
    expect(
        array_map(fn (float $h): float => round($h, 6), plan(Changed::of($job, supply: new Supply($machine, Fuel::Gasoline)))->refuelsAt()),
    )
        ->toBe($hours);
})->with([[6.0, [10.0, 20.0]], [14.4, []], [4.8, [8.0, 16.0]]]);

it('puts the fuels of one machine side by side, each with its own price and stock', function () {
    $job = burning(Fuel::Gasoline, new FuelKept(usdPerUnit: 4.0), new Site(gasolineGal: 15, propaneTankGal: 0));
    $machine = Changed::of($job->generator->machine, ratings: [
        new Rating(Fuel::Gasoline, 8000, 10_000, 0.4, null, 1.2), new Rating(Fuel::Propane, 1500, 1600, 0.5, null, 1.6),
        new Rating(Fuel::NaturalGas, 6800),
    ]);
    [$gasoline, $propane, $natural] = (
        new Design(Changed::of($job, supply: new Supply($machine, Fuel::Gasoline))->with($job->fuelKept))
    )->fuels();
    expect([$gasoline->isHere, $propane->isHere, $natural->isHere])->toBe([true, false, null])
        ->and($gasoline->plan->days()[1]->usd)->toEqualWithDelta(172.8, 1e-6)->and($propane->plan->days()[1]->usd)->toBeNull()
        ->and($propane->plan->tankHours())->toBeNull()->and($natural->plan->days())->toBe([])
        ->and([$gasoline->verdict, $propane->verdict])->toBe([Verdict::Holds, Verdict::Short]);
});

it('runs a battery station for what it holds, and charges it by what it takes', function (?float $wh, ?float $hours, ?float $charging) {
    $machine = Changed::of(
        Houses::machine(8000, 10_000, 240, Outlet::Locking30, 30), form: MachineKind::Battery,
        ratings: [new Rating(Fuel::Stored, 8000, 10_000)], stored: new StoredEnergy($wh, 10, 500),
    );
    $plan = plan(Changed::of(burning(Fuel::Gasoline), supply: new Supply($machine, Fuel::Stored)));
    $given = $plan->batteryHours();
    expect($given === null ? null : round($given, 9))->toBe($hours)->and($plan->rechargeHours())->toBe($charging);
})->with([[5000.0, 2.5, 10.0], [null, null, null]]);

it('says what is missing instead of a figure', function () {
    $plan = plan(burning(Fuel::Gasoline, rating: new Rating(Fuel::Gasoline, 8000)));
    expect($plan->days())->toBe([])->and($plan->tankHours())->toBeNull()->and($plan->missing())->toBe([
        'what the machine burns at no load and at full load', 'the gasoline that is kept', 'the price of the fuel',
    ]);
});

it('goes out with a job and comes in as the same', function () {
    $kept = new FuelKept(
        '2026-03-01', true, 4.19, 30, 66, 70, false, 120_000, [new GasAppliance('f', 'Furnace', 90_000)], 84, 'Mill Road', 'Torvale, 40 mi',
    );
    $file = JobFile::standard();
    expect($file->decode($file->encode(burning(Fuel::Propane, $kept)))->fuelKept)->toEqual($kept);
});

it('sizes each section of a gas pipe by what it carries, all by the longest length', function () {
    // A machine of 230 cfh at the end of 80 ft; a furnace of 100 cfh that branches off at 20 ft, 15 ft away; a range at 50 ft, 40 ft away.
    $tree = GasTree::of(PipedGas::Natural, 230_000.0, 80.0, [
        new GasAppliance('r', 'Range', 65_000, 50, 40), new GasAppliance('f', 'Furnace', 100_000, 20, 15),
    ]);
    $said = array_map(fn (PipeSection $s): array => [$s->words, $s->ft, $s->btuh], $tree->sections);
    expect($tree->longestFt)->toBe(90.0)->and($tree->missing)->toBe([])->and($said)->toBe([
        ['from the meter to the branch of Furnace', 20.0, 395_000.0], ['from the branch of Furnace to the branch of Range', 30.0,
            295_000.0],
        ['from the branch of Range to the machine', 30.0, 230_000.0], ['branch to Furnace', 15.0, 100_000.0], ['branch to Range',
            40.0, 65_000.0],
    ]);
    foreach ($tree->sections as $section) {
        $alone = GasPipe::of(PipedGas::Natural, $section->btuh, 90.0);
        expect($section->pipe->smallest)->toBe($alone->smallest)->and($alone->capacityCfh())
            ->toBeGreaterThanOrEqual($section->btuh / 1_000);
    }
});

it('counts what is not measured in every section, so that no pipe is too small for it', function () {
    $tree = GasTree::of(PipedGas::Natural, 230_000.0, 60.0, [
        new GasAppliance('f', 'Furnace', 100_000), new GasAppliance('d', 'Dryer', 20_000, 10, 5),
    ]);
    expect(array_map(fn (PipeSection $s): float => $s->btuh, $tree->sections))->toBe([350_000.0, 330_000.0, 20_000.0])
        ->and($tree->missing)->toBe(['Furnace']);
    // A branch that is said to leave behind the machine leaves at it; more than the largest pipe carries is named, not sized.
    $odd = GasTree::of(PipedGas::Natural, 100_000_000.0, 60.0, [new GasAppliance('x', 'X', 10_000, 90, 5)]);
    expect($odd->sections)->toHaveCount(2)->and($odd->sections[0]->pipe)->toBeNull()->and($odd->sections[0]->size())->toContain('over 4 in')
        ->and($odd->longestFt)->toBe(65.0);
});

it('charges a battery station from a small engine and from the sun, as fast as it takes it', function (
    FuelKept $kept, ?float $charging, ?float $sunWh, ?float $lasts, ?bool $carries,
) {
    $machine = Changed::of(
        Houses::machine(8000, 10_000, 240, Outlet::Locking30, 30), form: MachineKind::Battery, ratings: [new Rating(Fuel::Stored,
            8000, 10_000)],
        stored: new StoredEnergy(12_000, 10, 5_000),
    );
    $plan = plan(Changed::of(burning(Fuel::Gasoline), supply: new Supply($machine, Fuel::Stored))->with($kept));
    $w = $plan->loadW;
    expect($plan->rechargeHours())->toBe($charging)->and($plan->sunWh())->toBe($sunWh)->and($plan->sunCarries())->toBe($carries)
        ->and($plan->sunHours())->toEqual($lasts === null ? null : 12_000 / ($w - $sunWh / 24));
})->with([
    'nothing noted' => [new FuelKept, 2.4, null, null, null],
    'a small engine' => [new FuelKept(engineW: 1_000), 12.0, null, null, null],
    'one that gives more than it takes' => [new FuelKept(engineW: 6_000), 2.4, null, null, null],
    'panels, and no sun noted' => [new FuelKept(sunW: 800), 2.4, null, null, null],
    'a little sun' => [new FuelKept(sunW: 800, sunH: 3), 2.4, 2_400.0, 1.0, false],
    'more panels than it takes' => [new FuelKept(sunW: 6_000, sunH: 3), 2.4, 15_000.0, 1.0, false],
    'sun without end' => [new FuelKept(sunW: 5_000, sunH: 24), 2.4, 120_000.0, null, true],
]);

it('burns for the watts that the list of loads says, whatever their power factor', function () {
    $job = burning(Fuel::Gasoline);
    $panel = $job->service->panels[0];
    $motor = Houses::circuit('5', 2, Role::Must, 900, 3600, pf: 0.6);
    $job = $job->with($job->service->with(panels: [$panel->with(circuits: [...$panel->circuits, $motor])]));
    $design = new Design($job);
    [$must] = RoleSums::of($design->plan());
    expect(plan($job)->loadW)->toEqualWithDelta(2900, 1e-6)->and($must->watts)->toEqualWithDelta(2900, 1e-6)
        ->and($design->fit()?->running->aAmps)->toEqualWithDelta(1200 / 120 + 900 / 240 / 0.6, 1e-6);
    // A load calculation says volt-amperes for the house as a whole: no less than that is burned for.
    $supply = $design->supply() ?? throw new \LogicException('no machine');
    expect(Fit::of(new Plan($job->circuits(), 4300.0), $supply, 20.0)->runningW())->toEqualWithDelta(4300, 1e-6);
});

<?php

declare(strict_types=1);

namespace Tests\Core\SizingTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Design\Design;
use Underpin\Drawing\Strip\LegStrip;
use Underpin\Job\Circuit;
use Underpin\Job\Duty;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Machine;
use Underpin\Job\Machine\StoredEnergy;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Job\Rating;
use Underpin\Job\Role;
use Underpin\Job\Season;
use Underpin\Job\Site;
use Underpin\Loads\Plan;
use Underpin\Sizing\Fit;
use Underpin\Sizing\LoadSet;
use Underpin\Sizing\Ranking;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Verdict;

function fit(array $circuits, ?Supply $supply = null, float $margin = 20): Fit
{
    return Fit::of(new Plan($circuits), $supply ?? Houses::supply(), $margin);
}

it('says how long a battery lasts, and what is left free of its highest start', function () {
    $machine = Changed::of(
        Houses::machine(7200, 9000, 240, Outlet::Locking30, 30), form: MachineKind::Battery, stored: new StoredEnergy(3600, 5, 1000),
        ratings: [new Rating(Fuel::Stored, 7200, 9000)],
    );
    $fit = fit([Houses::circuit('1', 1, Role::Must, 300, 900)], new Supply($machine, Fuel::Stored));
    expect(implode(' ', $fit->words()->why()))->toContain('It holds 3,600 Wh: about 12.0 h with all that must run')
        // 900 W on one leg are 7.5 A of the 37.5 that 9,000 W give.
        ->and($fit->startSparePct())->toEqualWithDelta(80.0, 1e-9);
});

it('judges each leg, never their average', function () {
    // 7,200 W on 120/240 V: 30 A a leg. 31 A on A and nothing on B would average 15.5 A.
    $fit = fit([Houses::circuit('1', 1, Role::Must, 31 * 120)]);
    expect($fit->verdict)->toBe(Verdict::Short)->and($fit->words()->headline())->toContain('1.0 A on leg A');
});

it('holds up to the limit and not a watt further', function (float $watts, Verdict $verdict) {
    expect(fit([Houses::circuit('1', 1, Role::Must, $watts)], margin: 0)->verdict)->toBe($verdict);
})->with([[30 * 120, Verdict::Holds], [30 * 120 + 1, Verdict::Short]]);

it('keeps the margin that was chosen', function () {
    expect(fit([Houses::circuit('1', 1, Role::Must, 24 * 120)])->verdict)->toBe(Verdict::Holds)
        ->and(fit([Houses::circuit('1', 1, Role::Must, 24.1 * 120)])->verdict)->toBe(Verdict::Tight);
});

it('sees the start that the running watts hide', function () {
    $pump = Houses::circuit('1', 2, Role::Must, 1200, 9600, LoadKind::Pump, 'Pump');
    $fit = fit([$pump]);
    expect($fit->verdict)->toBe(Verdict::Short)
        ->and($fit->overSurge())->toBeTrue()
        ->and($fit->words()->headline())->toContain('Pump starts at 40.0 A');
});

it('sees the motor that starts again by itself with everything on', function () {
    // In the best order 31 A; with the lights on, the pump's own switch makes it 5 + 30 + … = 41 A of 37.5 A.
    $circuits = [
        Houses::circuit('1', 2, Role::Must, 1200, 7440, LoadKind::Pump, 'Pump'),
        Houses::circuit('5', 1, Role::Must, 1200, 1200, LoadKind::Lighting),
    ];
    $fit = fit($circuits);
    expect($fit->starting->peakAmps())->toEqualWithDelta(31.0, 1e-9)
        ->and($fit->restartAmps)->toEqualWithDelta(41.0, 1e-9)
        ->and($fit->verdict)->toBe(Verdict::Tight);
});

it('never takes a missing figure for none', function (array $circuits, string $says) {
    $fit = fit($circuits);
    expect($fit->verdict)->toBe(Verdict::Unknown)->and($fit->words()->headline())->toContain($says);
})->with([
    'no loads' => [[Houses::circuit('1', 1, Role::Must)], 'no watts'],
    'motor without start' => [[Houses::circuit('1', 1, Role::Must, 500, null, LoadKind::Pump)], 'no starting watts'],
    'nothing marked' => [[Houses::circuit('1', 1, Role::Off, 500)], 'Mark what must run'],
]);

it('puts everything of a 120 V machine on its one hot wire', function () {
    $supply = Houses::supply(3400, 4200, 120, Outlet::Travel30, 30);
    $fit = fit([Houses::circuit('1', 1, Role::Must, 1200), Houses::circuit('3', 1, Role::Must, 1200)], $supply);
    expect($fit->running->aAmps)->toBe(20.0)
        ->and($fit->running->bAmps)->toBe(0.0)
        ->and($supply->runLimitAmps())->toEqualWithDelta(3400 / 120, 1e-9);
    $fit = fit([Houses::circuit('1', 2, Role::Must, 400, 400, name: 'Dryer')], $supply);
    expect($fit->verdict)->toBe(Verdict::Short)->and($fit->words()->headline())->toContain('Dryer cannot run');
});

it('is bounded by the outlet where that is less than the engine', function () {
    expect(Houses::supply(9600, 12000, 240, Outlet::Locking30, 30)->runLimitAmps())->toBe(30.0);
});

it('finds what can run together when not all fits', function () {
    $fit = fit([
        Houses::circuit('1', 1, Role::Must, 2400), Houses::circuit('5', 1, Role::Must, 1800), Houses::circuit('9', 1, Role::Must, 1700),
        Houses::circuit('3', 1, Role::Must, 600, kind: LoadKind::Medical),
    ]);
    expect($fit->verdict)->toBe(Verdict::Short)
        ->and(array_map(fn ($c) => $c->id, $fit->together()->on))->toBe(['c5', 'c9', 'c3'])
        ->and(array_map(fn ($c) => $c->id, $fit->together()->waiting))->toBe(['c1']);
});

it('fills the room beside what must run, and leaves out a start that is too hard', function () {
    $circuits = [
        Houses::circuit('1', 1, Role::Must, 1200), Houses::circuit('5', 1, Role::Room, 1200), Houses::circuit('9', 1, Role::Room, 1800),
        Houses::circuit('3', 1, Role::Room, 600, 6000, LoadKind::Compressor), Houses::circuit('7', 1, Role::Room),
    ];
    $together = fit($circuits)->together();
    expect(array_map(fn ($c) => $c->id, $together->on))->toBe(['c1', 'c5'])
        ->and(array_map(fn ($c) => $c->id, $together->waiting))->toBe(['c9', 'c3'])
        ->and(array_map(fn ($c) => $c->id, $together->unweighed))->toBe(['c7']);
});

it('weighs a house with more circuits than the search takes', function () {
    $circuits = array_map(fn (int $n) => Houses::circuit((string) $n, 1, Role::Room, 120 + $n), range(1, 60));
    $together = fit([Houses::circuit('61', 1, Role::Must, 120), ...$circuits])->together();
    $running = Fit::runningOn(Houses::supply(), $together->on);
    expect($running->worstAmps())->toBeLessThanOrEqual(30.0)
        ->and(count($together->on) + count($together->waiting))->toBe(61)
        ->and(count($together->on))->toBeGreaterThan(40);
});

it('ranks what holds before what does not, and the cheaper first', function () {
    $machines = [
        Houses::machine(2000, 2500, id: 'small', price: 300), Houses::machine(9000, 11000, id: 'dear', price: 3000),
        Houses::machine(8000, 10000, id: 'right', price: 1500), Houses::machine(3000, 3500, id: 'less-small', price: 400),
    ];
    $plan = new Plan([Houses::circuit('1', 1, Role::Must, 2400)]);
    expect(
        array_map(fn (Fit $f) => $f->supply->machine->id, Ranking::of($plan, $machines, 20, new Site))
    )->toBe(['right', 'dear', 'less-small', 'small']);
});

it('says on the strip what it needs before a machine is picked', function () {
    $job = Houses::job('x', panels: [new Panel('p', 'P', 20, circuits: [Houses::circuit('1', 1, Role::Must, 1920)])]);
    $strip = LegStrip::of(new Design($job));
    expect($strip->aRunAmps)->toBe(16.0)->and($strip->detail)->toContain('4,800 W running');
    expect(LegStrip::of(new Design(Houses::small(Houses::supply())))->ticks)->toHaveCount(3);
});

it('says why, in sentences with this machine\'s figures', function (
    array $circuits, ?Supply $supply, array $said, array $unsaid = [], float $margin = 20.0, float $floorVa = 0.0,
) {
    $fit = Fit::of(new Plan($circuits, floorVa: $floorVa), $supply ?? Houses::supply(), $margin);
    $why = $fit->words()->why();
    foreach ($said as $sentence) {
        expect($why)->toContain($sentence);
    }
    foreach ($unsaid as $words) {
        expect(implode(' ', $why))->not->toContain($words);
    }
})->with([
    'running and advertised' => [
        [Houses::circuit('1', 1, Role::Must, 1200)], null,
        [
            '7,200 W running and 9,000 W advertised peak: 1,800 W of the peak is gone after seconds.',
            'That is 30.0 A running and 37.5 A starting on each leg.',
            'The altitude and the hottest day are not known: what they take from an engine is not counted.',
            'Must run: 10.0 A on leg A, 0.0 A on leg B, of 30.0 A.', 'Worst start in the best order: 10.0 A (circuit 1), of 37.5 A.',
        ],
        ['outlet passes', 'No 240 V', 'margin', 'Figures are missing', 'starts again'],
    ],
    'on one hot wire' => [
        [Houses::circuit('1', 1, Role::Must, 1200), Houses::circuit('3', 2, Role::Must, 400, 400, name: 'Dryer')],
        Houses::supply(3600, 4200, 120, Outlet::Travel30, 30),
        [
            '3,600 W running and 4,200 W advertised peak: 600 W of the peak is gone after seconds.',
            'That is 30.0 A running and 35.0 A starting on its one hot wire.',
            'No 240 V: Dryer stays dead.',
            'Must run: 10.0 A together on one hot wire, of 30.0 A. Its neutral carries as much: nothing cancels.',
        ],
    ],
    'two that need 240 V' => [
        [Houses::circuit('3', 2, Role::Must, 400, 400, name: 'Dryer'), Houses::circuit('4', 2, Role::Must, 400, 400, name: 'Range')],
        Houses::supply(3600, 4200, 120, Outlet::Travel30, 30), ['No 240 V: Dryer and Range stay dead.'],
    ],
    'an outlet smaller than the engine' => [
        [], Houses::supply(9600, 12000), ['Its L14-30R outlet passes 30 A, less than the engine gives.'],
        ['Must run', 'Worst start', 'margin'],
    ],
    'an outlet as large as the engine' => [[], null, [], ['outlet passes']],
    'less to spare than the margin' => [
        [Houses::circuit('1', 1, Role::Must, 25 * 120)], null, ['17 % to spare is less than the 20 % margin chosen for this job.'],
    ],
    'just the margin to spare' => [[Houses::circuit('1', 1, Role::Must, 24 * 120)], null, [], ['margin']],
    'short: the margin does not matter any more' => [[Houses::circuit('1', 1, Role::Must, 31 * 120)], null, [], ['margin']],
    'a motor that starts again' => [
        [
            Houses::circuit('1', 2, Role::Must, 1200, 7440, LoadKind::Pump, 'Pump'),
            Houses::circuit('5', 1, Role::Must, 1200, 1200, LoadKind::Lighting),
        ],
        null,
        [
            'If Pump starts again by itself with everything on, that reaches 41.0 A: the order alone does not cover it. '
                .'A soft starter on that motor would.',
            'Worst start in the best order: 31.0 A (Pump), of 37.5 A.',
        ],
    ],
    'one of each missing' => [
        [Houses::circuit('1', 1, Role::Must), Houses::circuit('3', 1, Role::Must, 500, null, LoadKind::Pump)], null,
        ['Figures are missing: 1 circuit that must run has no watts and 1 load has no starting watts.'],
    ],
    'two of each missing' => [
        [
            Houses::circuit('1', 1, Role::Must), Houses::circuit('2', 1, Role::Must),
            Houses::circuit('3', 1, Role::Must, 500, null, LoadKind::Pump), Houses::circuit('4', 1, Role::Must, 500, null, LoadKind::Pump),
        ],
        null,
        ['Figures are missing: 2 circuits that must run have no watts and 2 loads have no starting watts.'],
    ],
    'the calculation asks for more than the list' => [
        [Houses::circuit('1', 1, Role::Must, 1200)], null, ['Must run: 25.0 A on leg A, 25.0 A on leg B, of 30.0 A.'], [], 20.0, 6000.0,
    ],
    'the calculation on one hot wire' => [
        [Houses::circuit('1', 1, Role::Must, 1200)], Houses::supply(3600, 4200, 120, Outlet::Travel30, 30),
        ['Must run: 25.0 A together on one hot wire, of 30.0 A. Its neutral carries as much: nothing cancels.'], [], 20.0, 3000.0,
    ],
]);

it('says in one sentence how it stands', function (array $circuits, string $headline, ?Supply $supply = null) {
    expect(fit($circuits, $supply)->words()->headline())->toBe($headline);
})->with([
    'holds' => [[Houses::circuit('1', 1, Role::Must, 1200)], 'Holds, with 20.0 A to spare on leg A.'],
    'at the limit' => [[Houses::circuit('4', 1, Role::Must, 3600)], 'Holds, with no more than 0.0 A to spare on leg B.'],
    'over while running' => [[Houses::circuit('4', 1, Role::Must, 3720)], 'Over by 1.0 A on leg B while running.'],
    'over while starting' => [
        [Houses::circuit('4', 1, Role::Must, 600, 4800, LoadKind::Pump, 'Pump')], 'Pump starts at 40.0 A; the machine gives 37.5 A.',
    ],
    'in the right order only' => [
        [
            Houses::circuit('1', 2, Role::Must, 1200, 7440, LoadKind::Pump, 'Pump'),
            Houses::circuit('5', 1, Role::Must, 1200, 1200, LoadKind::Lighting),
        ],
        'Holds in the right order only, with 15.0 A to spare on leg A.',
    ],
    'four that need 240 V, three named' => [
        array_map(fn (int $n) => Houses::circuit((string) $n, 2, Role::Must, 100, 100, name: "Heater $n"), [1, 2, 5, 6]),
        'Heater 1, Heater 2 and 2 more cannot run: a 120 V machine has no 240 V.', Houses::supply(3600, 4200, 120, Outlet::Travel30, 30),
    ],
]);

it('counts a start again only of loads that start by themselves, unless the '
    .'calculation hides which are on', function (Duty $duty, float $floorVa, float $restartAmps) {
        $pump = new Load('p', 'Pump', LoadKind::Pump, 600, 1800, duty: $duty);
        $circuit = Changed::of(Houses::circuit('1', 1, Role::Must), loads: [$pump]);
        expect(
            Fit::of(new Plan([$circuit, Houses::circuit('5', 1, Role::Must, 600)], floorVa: $floorVa), Houses::supply(), 20)->restartAmps
        )->toEqualWithDelta($restartAmps, 1e-9);
    })->with([
        'cycles: 5 A + 5 A + 10 A more' => [Duty::Cycling, 0.0, 20.0],
        'switched by hand' => [Duty::ByHand, 0.0, 10.0],
        'switched by hand, legs as calculated: 20 A + 10 A more' => [Duty::ByHand, 4800.0, 30.0],
    ]);

it('weighs only the fuel that was asked for', function () {
    $both = new Machine(
        'm', 'Both', MachineKind::Portable, 240, Outlet::Locking30, 30, GeneratorNeutral::Floating, false,
        [new Rating(Fuel::Gasoline, 7200, 9000), new Rating(Fuel::Propane, 6500, 8000)], 1000,
    );
    $plan = new Plan([Houses::circuit('1', 1, Role::Must, 1200)]);
    $fuels = fn (?Fuel $only) => array_map(fn (Fit $f) => $f->supply->fuel, Ranking::of($plan, [$both], 20, new Site, $only));
    expect($fuels(null))->toBe([Fuel::Gasoline, Fuel::Propane])
        ->and($fuels(Fuel::Propane))->toBe([Fuel::Propane])
        ->and($fuels(Fuel::NaturalGas))->toBe([]);
});

it('gives medical equipment its place before everything else', function () {
    $lamps = array_map(fn (int $n) => Houses::circuit((string) (4 * $n + 1), 1, Role::Must, 300), range(0, 11));
    $medical = Houses::circuit('6', 1, Role::Must, 1200, kind: LoadKind::Medical);
    $together = fit([...$lamps, $medical])->together();
    expect(array_map(fn ($c) => $c->id, $together->on))->toContain('c6')->and($together->waiting)->toHaveCount(4);
});

it('never tells medical equipment to wait: not for its hard start, not for being small among many', function () {
    $waits = fn (LoadSet $set): array => array_map(fn (Circuit $c): string => $c->id, $set->waiting);
    $medical = Houses::circuit('2', 1, Role::Must, 350, 4000, LoadKind::Medical);
    $pump = Houses::circuit('4', 1, Role::Must, 3000, 5000, LoadKind::Pump);
    $hard = fit([$medical, $pump])->together();
    expect($waits($hard))->toBe(['c4'])->and($hard->medicalWaiting)->toBe([]);

    $many = array_map(fn (int $n) => Houses::circuit((string) (4 * $n + 2), 1, Role::Must, 400), range(1, 20));
    $small = fit([...$many, Houses::circuit('2', 1, Role::Must, 30, 30, LoadKind::Medical)])->together();
    expect(array_map(fn (Circuit $c): string => $c->id, $small->on))->toContain('c2');
});

it('names medical equipment that a machine has no room for by itself, and not among what can wait', function () {
    $set = fit([Houses::circuit('2', 1, Role::Must, 9000, 9000, LoadKind::Medical), Houses::circuit('4', 1, Role::Must, 100)])->together();
    expect(array_map(fn (Circuit $c): string => $c->id, $set->medicalWaiting))->toBe(['c2'])->and($set->waiting)->toBe([]);
});

it('offers nothing beside what must run that the machine cannot feed', function () {
    $panel = Houses::small()->service->panels[0]->with(circuits: [
        Houses::circuit('2', 1, Role::Must, 180, 1200, name: 'Fridge'),
        Houses::circuit('8', 1, Role::Room, 120, 120, name: 'Lights'),
        Houses::circuit('9', 2, Role::Room, 400, 400, name: 'Heater on both legs'),
    ]);
    $fit = fn (int $volts, Outlet $outlet): ?Fit => (new Design(
        Houses::changed(Houses::small(Houses::supply(3000, 3600, $volts, $outlet)), panels: [$panel]),
    ))->fit();
    $together = fn (int $volts, Outlet $outlet): array => array_map(
        fn (Circuit $c): string => $c->name, $fit($volts, $outlet)?->together()->on ?? [],
    );
    expect($together(120, Outlet::Travel30))->toBe(['Fridge', 'Lights'])
        ->and($together(240, Outlet::Locking30))->toBe(['Fridge', 'Lights', 'Heater on both legs']);
});

it('takes off what height and the hottest day take, and judges by what is left', function () {
    $machine = Houses::machine();
    $at = fn (?float $feet, ?float $hottest): Supply => new Supply(
        $machine, Fuel::Gasoline, new Site(altitudeFt: $feet, hottestF: $hottest),
    );
    expect($at(null, null)->runW())->toBe(7200.0)
        ->and($at(5000, null)->runW())->toEqualWithDelta(7200 * 0.825, 1e-6)
        ->and($at(5000, 97)->runLimitAmps())->toEqualWithDelta(7200 * 0.825 * 0.98 / 240, 1e-9)
        ->and($at(5000, 97)->surgeLimitAmps())->toEqualWithDelta(9000 * 0.825 * 0.98 / 240, 1e-9);
    $load = [Houses::circuit('4', 1, Role::Must, 3000)];
    expect(fit($load, $at(null, null))->verdict)->toBe(Verdict::Tight)
        ->and(fit($load, $at(5000, null))->verdict)->toBe(Verdict::Short)
        ->and(fit($load, $at(5000, null))->words()->why())->toContain(
            'At 5,000 ft the engine gives 83 % of that, 5,940 W running and 7,425 W starting, by the usual rule for an engine without '
                .'a turbocharger; its manual comes first.',
            'The hottest day is not known: what it takes from an engine is not counted.',
        )
        ->and(implode(' ', fit($load, $at(-200, 70))->words()->why()))->not->toContain('the engine gives')->not->toContain('not counted');
});

it('offers a fuel that is not there last, and says so; what is not known is not taken for none', function () {
    $both = Changed::of(Houses::machine(), ratings: [new Rating(Fuel::NaturalGas, 9000, 9000), new Rating(Fuel::Propane, 5000, 5000)]);
    $plan = new Plan([Houses::circuit('4', 1, Role::Must, 900)]);
    $fuels = fn (Site $site): array => array_map(fn (Fit $f): Fuel => $f->supply->fuel, Ranking::of($plan, [$both], 20, $site));
    $why = fn (Site $site): string => implode(' ', Fit::of($plan, new Supply($both, Fuel::NaturalGas, $site), 20)->words()->why());
    expect($fuels(new Site))->toBe([Fuel::NaturalGas, Fuel::Propane])
        ->and($fuels(new Site(gasMeterCfh: 0)))->toBe([Fuel::Propane, Fuel::NaturalGas])
        ->and($fuels(new Site(gasMeterCfh: 250, propaneTankGal: 0)))->toBe([Fuel::NaturalGas, Fuel::Propane])
        ->and($why(new Site(gasMeterCfh: 0)))->toContain('there is no natural gas here')
        ->and($why(new Site))->toContain('Whether there is natural gas here is not known.')
        ->and($why(new Site(gasMeterCfh: 250)))->not->toContain('natural gas');
});

it('judges each half of the year by itself, and says which is the harder', function () {
    $seasonal = fn (string $space, float $watts, ?Season $season): Circuit => new Circuit(
        "c$space", new Position((int) $space), 20, "Circuit $space", role: Role::Must,
        loads: [new Load("l$space", 'x', LoadKind::Other, $watts, $watts, season: $season)],
    );
    // 10 A of cooling in summer and 14 A of heating in winter, with 8 A all year, all on leg A.
    $circuits = [$seasonal('1', 1200, Season::Summer), $seasonal('5', 1680, Season::Winter), $seasonal('9', 960, null)];
    $fit = Fit::of(new Plan($circuits), Houses::supply(), 20);
    expect($fit->running->aAmps)->toBe(22.0)->and($fit->verdict)->toBe(Verdict::Holds)
        ->and(implode(' ', $fit->words()->why()))->toContain('Judged for winter, the harder half of the year')
        ->and((new Plan($circuits))->running->aAmps)->toBe(22.0)
        ->and((new Plan($circuits))->worstStarting()->peakAmps())->toBe(22.0)
        ->and((new Plan($circuits))->starting()->order())->toHaveCount(3)
        ->and(Fit::of(new Plan([$seasonal('1', 1200, Season::Summer)]), Houses::supply(), 20)->verdict)->toBe(Verdict::Holds)
        ->and(implode(' ', Fit::of(new Plan([$seasonal('9', 960, null)]), Houses::supply(), 20)->words()->why()))
        ->not->toContain('half of the');
});

it('spreads cords over the halves of the outlets, whatever legs the house has', function () {
    $onA = fn (string $space, float $amps): Circuit => Houses::plugged(Houses::circuit($space, 1, Role::Must, $amps * 120), true);
    $job = Houses::changed(Houses::small(Houses::supply(), 'cords'), panels: [
        new Panel('p', 'P', 20, circuits: [$onA('1', 9), $onA('5', 5), $onA('9', 4)]),
    ]);
    $fit = (new Design($job))->fit();
    expect([$fit?->running->aAmps, $fit?->running->bAmps])->toEqualCanonicalizing([9.0, 9.0]);
    $many = array_map(fn (int $i): Circuit => $onA((string) $i, 1), range(1, 40));
    $job = Houses::changed($job, panels: [new Panel('p', 'P', 40, circuits: $many)]);
    expect((new Design($job))->fit()?->running->worstAmps())->toBe(20.0);
});

it('offers a soft starter to a motor and to nothing else', function () {
    $pump = [Houses::circuit('1', 2, Role::Must, 1200, 9600, LoadKind::Pump, 'Pump')];
    $heater = [Houses::circuit('1', 2, Role::Must, 1200, 9600, LoadKind::ElectricHeat, 'Heater')];
    $do = fn (array $circuits): string => array_values(array_filter(
        Review::of(Houses::changed(Houses::small(Houses::supply()), panels: [new Panel('p', 'P', 20, circuits: $circuits)]))->findings,
        fn (Finding $f): bool => $f->code->value === 'OVER_SURGE',
    ))[0]->do;
    expect($do($pump))->toContain('soft starter')->and($do($heater))->not->toContain('soft starter');
    $cycling = [Houses::circuit('1', 2, Role::Must, 1200, 7440, LoadKind::ElectricHeat, 'Heater')];
    $cycles = $cycling[0]->with(loads: [$cycling[0]->loads[0]->with(duty: Duty::Cycling)]);
    $why = implode(' ', fit([$cycles, Houses::circuit('5', 1, Role::Must, 1200, 1200)])->words()->why());
    expect($why)->toContain('If Heater starts again by itself')->not->toContain('soft starter');
});

<?php

declare(strict_types=1);

namespace Tests\Core\ConnectWireRunTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Assembly\ComponentKind;
use Underpin\Assembly\ConductorKind;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checks\Review;
use Underpin\Codebook\ConductorSize;
use Underpin\Connection\Possible;
use Underpin\Design\Design;
use Underpin\Install\InstallList;
use Underpin\Job\Circuit;
use Underpin\Job\Fuel;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\LoadBasis;
use Underpin\Job\LoadKind;
use Underpin\Job\LocalRules;
use Underpin\Job\Machine;
use Underpin\Job\MachineKind;
use Underpin\Job\Measured;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Rating;
use Underpin\Job\Role;
use Underpin\Job\StartRoutine;
use Underpin\Job\SwitchKind;
use Underpin\Job\WireRun;
use Underpin\Job\WiringMethod;
use Underpin\Job\Work\StepRecord;
use Underpin\Job\Work\Work;
use Underpin\Outage\SwitchingCard;
use Underpin\Prove\ProveList;
use Underpin\Sizing\Supply;
use Underpin\StageKey;
use Underpin\Stages\Progress;
use Underpin\Stages\StageReport;
use Underpin\Stages\Stages;

function house(
    array $circuits, ?int $mainAmps = 200, ?bool $listed = true, ?bool $multiwire = false, ?LocalRules $rules = null, ?bool $lugs = null,
): Job {
    return Houses::job(
        'x', rules: $rules ?? new LocalRules,
        panels: [new Panel('p', 'Panel', 20, PanelKind::Main, $mainAmps, $listed, 1, $multiwire, $circuits, mainLugs: $lugs)],
    );
}

function possible(Job $job, string $kind): Possible
{
    return Houses::verdict($job, $kind)->possible;
}

$fridge = Houses::circuit('2', 1, Role::Must, 180, 900, LoadKind::Refrigeration, 'Fridge');

it('allows an interlock only against a main, with a listed plate', function () use ($fridge) {
    expect(possible(house([$fridge]), 'interlock'))->toBe(Possible::Yes)
        ->and(possible(house([$fridge], mainAmps: null), 'interlock'))->toBe(Possible::NotKnown)
        ->and(possible(house([$fridge], mainAmps: null, lugs: true), 'interlock'))->toBe(Possible::No)
        ->and(possible(house([$fridge], listed: false), 'interlock'))->toBe(Possible::No)
        ->and(possible(house([$fridge], listed: null), 'interlock'))->toBe(Possible::NotKnown)
        ->and(possible(Houses::job('x'), 'interlock'))->toBe(Possible::NotKnown);
});

it('says what must move out of the way of the generator breaker', function () {
    $verdict = Houses::verdict(house([Houses::circuit('1', 2, Role::Off, name: 'Dryer')]), 'interlock');
    expect($verdict->reasons[2]->text)->toContain('Dryer must move first')->and($verdict->possible)->toBe(Possible::Yes);
    $full = array_map(fn (int $n) => Houses::circuit((string) $n, 1, Role::Off), range(1, 20));
    expect(possible(house($full), 'interlock'))->toBe(Possible::NotKnown);
});

it('keeps a 120 V machine away from multiwire circuits', function () use ($fridge) {
    $on120 = fn (Job $job) => Houses::job(
        'x', panels: $job->service->panels, supply: Houses::supply(3000, 3600, 120, Outlet::Locking30At120, 30), connection: 'interlock',
    );
    expect(possible($on120(house([$fridge], multiwire: true)), 'interlock'))->toBe(Possible::No)
        ->and(possible($on120(house([$fridge], multiwire: null)), 'interlock'))->toBe(Possible::NotKnown);
    $codes = array_map(fn ($f) => $f->code->value, Review::of($on120(house([$fridge], multiwire: true)))->findings);
    expect($codes[0])->toBe('MWBC_120');
});

it('fits a manual switch to the circuits that must run', function () {
    $circuits = fn (int $n) => array_map(fn (int $i) => Houses::circuit((string) $i, 1, Role::Must, 100), range(1, $n));
    expect(Houses::verdict(house($circuits(5)), 'manual_switch')->switchPositions)->toBe(6)
        ->and(possible(house($circuits(12)), 'manual_switch'))->toBe(Possible::NotKnown)
        ->and(possible(Houses::changed(house($circuits(12)), switchKind: SwitchKind::Cables), 'manual_switch'))->toBe(Possible::Yes)
        ->and(possible(house($circuits(13)), 'manual_switch'))->toBe(Possible::No)
        ->and(possible(house([Houses::circuit('1', 2, Role::Must, 100, amps: 40)]), 'manual_switch'))->toBe(Possible::No)
        ->and(possible(house([]), 'manual_switch'))->toBe(Possible::NotKnown);
    $texts = fn (Job $job) => implode(' ', array_map(fn ($r) => $r->text, Houses::verdict($job, 'manual_switch')->reasons));
    expect($texts(house($circuits(2), rules: new LocalRules(splicesInPanel: false))))->toContain('not allowed here')
        ->and($texts(house($circuits(2))))->not->toContain('not allowed here');
});

it('serves with cords only what has a plug', function () use ($fridge) {
    $boiler = Houses::circuit('4', 1, Role::Must, 300, 900, LoadKind::Boiler, 'Boiler');
    $ask = Houses::verdict(house([$fridge, Houses::plugged($boiler, true)]), 'cords');
    expect($ask->possible)->toBe(Possible::NotKnown)
        ->and(array_column($ask->dead, 'name'))->toBe([])
        ->and(array_column($ask->powers, 'name'))->toBe(['Boiler'])
        ->and(implode(' ', array_column($ask->reasons, 'text')))->toContain('Look whether what hangs on 2 Fridge has a plug');
    expect(possible(house([Houses::plugged($fridge, true)]), 'cords'))->toBe(Possible::Yes);
    $verdict = Houses::verdict(house([Houses::plugged($fridge, true), Houses::plugged($boiler, false)]), 'cords');
    expect($verdict->possible)->toBe(Possible::No)
        ->and(array_map(fn ($c) => $c->name, $verdict->dead))->toBe(['Boiler'])
        ->and(array_map(fn ($c) => $c->name, $verdict->powers))->toBe(['Fridge']);
});

it('makes the breaker the smallest of outlet, cord, inlet and conductor', function (
    int $outletAmps, Outlet $outlet, ?int $inletAmps, WiringMethod $method, int $terminalC, string $size, int $breakerAmps,
) {
    $job = Houses::job('x', wire: new WireRun(25, 20, $inletAmps, $method, terminalC: $terminalC));
    $plan = Houses::built($job, Houses::supply(7200, 9000, 240, $outlet, $outletAmps), 'interlock');
    expect(
        [$plan->conductor(ConductorKind::Run)?->choice?->size->value, $plan->component(ComponentKind::Breaker)?->amps]
    )->toBe([$size, $breakerAmps]);
})->with([
    '30 A' => [30, Outlet::Locking30, null, WiringMethod::Cable, 60, '10', 30],
    '50 A in cable' => [50, Outlet::Straight50, null, WiringMethod::Cable, 75, '6', 50],
    '50 A in conduit at 75 °C' => [50, Outlet::Straight50, null, WiringMethod::Conduit, 75, '8', 50],
    '50 A in conduit at 60 °C' => [50, Outlet::Straight50, null, WiringMethod::Conduit, 60, '6', 50],
    '50 A inlet for later' => [30, Outlet::Locking30, 50, WiringMethod::Cable, 60, '6', 30],
]);

it('takes a larger conductor where the drop asks for it', function () {
    // 7.2 V are 3 % of 240 V; the cord takes 1.86 V, 4 AWG would take 5.54 V of the 5.34 V left, 3 AWG takes 4.41 V.
    $job = Houses::job('x', wire: new WireRun(25, 300));
    $plan = Houses::built($job, Houses::supply(), 'interlock');
    expect($plan->conductor(ConductorKind::Run)?->choice?->size)->toBe(ConductorSize::Awg10)
        ->and($plan->conductor(ConductorKind::Run)?->choice?->forDrop)->toBe(ConductorSize::Awg3)
        ->and($plan->dropIsLong())->toBeFalse();
    expect(
        array_map(
            fn ($f) => $f->code->value,
            Review::of(
                Houses::job(
                    'x', panels: house([])->service->panels, supply: Houses::supply(), connection: 'interlock', wire: new WireRun(900, 10),
                )
            )->findings,
        )
    )->toContain('DROP_LONG');
});

it('writes the card from this panel\'s own numbers, in the best order', function () {
    $card = SwitchingCard::of(Review::of(Houses::small(Houses::supply(), 'interlock')));
    expect($card->gaps)->toBe([])
        ->and(array_map(fn ($c) => $c->label, $card->start))->toBe(['5–7', '2', '4'])
        ->and($card->start[0]->waitS)->toBe(60)
        ->and(array_map(fn ($c) => $c->label, $card->room))->toBe(['8'])
        ->and(array_map(fn ($c) => $c->label, $card->leaveOff))->toBe(['10–12'])
        ->and($card->toGenerator[0]->do)->toContain('200 A main breaker');
});

it('never asks for a load on a cold engine, nor for the main before the generator is off', function (StartRoutine $routine) {
    $small = Houses::small(Houses::supply(), 'interlock');
    $card = SwitchingCard::of(
        Review::of(
            Houses::job(
                'x', panels: $small->service->panels, supply: Supply::of($small->generator), connection: $small->connection->way,
                routine: $routine,
            )
        )
    );
    $steps = array_map(fn ($s) => $s->do, $card->toGenerator);
    $at = fn (array $steps, string $words) => array_key_first(array_filter($steps, fn ($s) => str_contains($s, $words)));
    expect($at($steps, 'main breaker and every other'))->toBeLessThan($at($steps, 'Slide the interlock'))
        ->and($at($steps, '3 minutes with no load'))->toBeLessThan($at($steps, 'Turn on the generator breaker'));
    $back = array_map(fn ($s) => $s->do, $card->back);
    expect($at($back, 'Turn off the generator breaker'))->toBeLessThan($at($back, 'Slide the interlock plate back'))
        ->and($at($back, 'Slide the interlock plate back'))->toBeLessThan($at($back, 'Turn on the main breaker'));
})->with(StartRoutine::cases());

it('says that a card is not ready, and why', function (Job $job, string $why) {
    $card = SwitchingCard::of(Review::of($job));
    expect(implode(' ', array_column($card->gaps, 'what')))->toContain($why);
})->with([
    'nothing picked' => [Houses::small(), 'No generator is picked'],
    'too small' => [Houses::small(Houses::supply(1800, 2000, 240, Outlet::Locking20, 20), 'interlock'), 'does not hold'],
    'no figures' => [
        Houses::job(
            'x', panels: [new Panel('p', 'P', 20, mainAmps: 100, interlockListed: true, circuits: [Houses::circuit('2', 1, Role::Must)])],
            supply: Houses::supply(), connection: 'interlock',
        ),
        'no watts',
    ],
    'pump on cords' => [Houses::small(Houses::supply(), 'cords'), 'not possible'],
]);

it('keeps a card back as long as breakers must move for the interlock', function () {
    $small = Houses::small(Houses::supply(), 'interlock');
    $taken = new Panel(
        'main', 'Main', 20, PanelKind::Main, 200, true, 1, false, [Houses::circuit('1', 2, Role::Must, 1000, 1000, name: 'Heater')],
    );
    $review = Review::of(Houses::job('x', panels: [$taken], supply: Supply::of($small->generator), connection: 'interlock'));
    expect(implode(' ', array_column(SwitchingCard::of($review)->gaps, 'what')))
        ->toContain('1–3 Heater sits where the generator breaker goes')
        ->and(array_map(fn ($f) => $f->code->value, $review->findings))->toContain('INTERLOCK_SPACES_TAKEN');
});

it('names an inlet that the machine\'s own cord fits', function (int $volts, Outlet $outlet, int $amps, ?int $inletAmps, string $names) {
    $plan = Houses::built(
        Houses::job('x', wire: new WireRun(25, 20, $inletAmps)), Houses::supply(2000, 2500, $volts, $outlet, $amps), 'manual_switch',
    );
    expect(array_values(array_filter($plan->lines(), fn ($l) => $l->part === 'Inlet'))[0]->pick)->toStartWith($names);
})->with([
    [120, Outlet::Straight20, 20, null, '5-20P, 20 A'], [120, Outlet::Travel30, 30, null, 'TT-30P, 30 A'],
    [120, Outlet::Straight20, 20, 30, '120 V, 30 A'],
    [240, Outlet::Locking20, 20, null, 'L14-20P'], [240, Outlet::Locking30, 30, 50, '14-50P or a locking form, 50 A'],
]);

it('finds a second neutral bond wherever the connection keeps the neutral whole', function (
    GeneratorNeutral $bond, bool $gfci, ?string $way, array $codes,
) {
    $machine = new Machine(
        'm', 'Machine', MachineKind::Portable, 240, Outlet::Locking30, 30, $bond, $gfci, [new Rating(Fuel::Gasoline, 7200, 9000)], 1000,
    );
    $job = Houses::job('x', panels: house([])->service->panels, supply: new Supply($machine, Fuel::Gasoline), connection: $way);
    $found = array_map(fn ($f) => $f->code->value, Review::of($job)->findings);
    expect(array_values(array_intersect(['DOUBLE_BOND', 'BONDED_GFCI_TRIP'], $found)))->toBe($codes);
})->with([
    [GeneratorNeutral::Bonded, true, 'interlock', ['DOUBLE_BOND', 'BONDED_GFCI_TRIP']],
    [GeneratorNeutral::Bonded, false, 'manual_switch', ['DOUBLE_BOND']],
    [GeneratorNeutral::Bonded, true, 'cords', []], [GeneratorNeutral::Bonded, true, null, []],
    [GeneratorNeutral::Floating, true, 'interlock', []],
]);

it('asks for a cord as long as the local rules keep the machine away', function () {
    $job = Houses::job('x', rules: new LocalRules(portableFt: 35), wire: new WireRun(40, 20));
    $cord = array_values(array_filter(Houses::built($job, Houses::supply(), 'interlock')->lines(), fn ($l) => $l->part === 'Cord'))[0];
    expect($cord->why)->toContain('35 ft from the house');
});

it('puts only what the switch feeds on the card of a manual switch', function () {
    $card = SwitchingCard::of(Review::of(Houses::small(Houses::supply(), 'manual_switch')));
    expect($card->room)->toBe([])->and($card->leaveOff)->toBe([])->and($card->start)->toHaveCount(3);
});

it('moves the stages as the job grows', function () {
    $reach = fn (Job $job, StageKey $stage) => StageReport::of(Stages::standard()->get($stage), Review::of($job))->progress;
    expect($reach(Houses::job('x'), StageKey::Survey))->toBe(Progress::Empty)
        ->and($reach(Houses::small(), StageKey::Survey))->toBe(Progress::Part)
        ->and($reach(Houses::small(rules: new LocalRules(authority: 'Town hall')), StageKey::Survey))->toBe(Progress::Done)
        ->and($reach(Houses::small(), StageKey::Size))->toBe(Progress::Empty)
        ->and($reach(Houses::small(Houses::supply()), StageKey::Size))->toBe(Progress::Done)
        ->and($reach(Houses::small(Houses::supply(1800, 2000, 240, Outlet::Locking20, 20)), StageKey::Size))->toBe(Progress::Part)
        ->and($reach(Houses::small(Houses::supply(), 'interlock'), StageKey::Run))->toBe(Progress::Done);
    expect(Houses::reached(Review::of(Houses::small(Houses::supply()))))->toBe(StageKey::Size);
});

it('finds what is wrong with a job, worst first', function (Job $job, string $code) {
    $findings = Review::of($job)->findings;
    expect(array_map(fn ($f) => $f->code->value, $findings))->toContain($code);
    $ranks = array_map(fn ($f) => $f->severity->rank(), $findings);
    $sorted = $ranks;
    sort($sorted);
    expect($ranks)->toBe($sorted);
})->with([
    [house([Houses::circuit('1', 1, Role::Must)]), 'FIGURES_MISSING'],
    [house([Houses::circuit('1', 1, Role::Must, 300, null, LoadKind::Pump)]), 'START_MISSING'],
    [house([Houses::circuit('1', 1, Role::Off, 3000)]), 'LOAD_OVER_BREAKER'],
    [house([Houses::circuit('1', 1, Role::Off, 30)]), 'NOTHING_MUST_RUN'],
    [
        Houses::job('x', panels: house([Houses::circuit('1', 1, Role::Must, 2400)])->service->panels, supply: Houses::supply()),
        'LEGS_UNEVEN',
    ],
    [
        Houses::job(
            'x', panels: house([])->service->panels, supply: Houses::supply(), connection: 'interlock', wire: new WireRun(10, 10, 20),
        ),
        'INLET_UNDER_OUTLET',
    ],
    [
        Houses::job(
            'x', panels: house([])->service->panels, supply: Houses::supply(), connection: 'interlock',
            wire: new WireRun(10, 10, null, WiringMethod::Cable, wet: true),
        ),
        'WIRING_WET',
    ],
    [
        Houses::job('x', panels: house([], listed: false)->service->panels, supply: Houses::supply(), connection: 'interlock'),
        'CONNECTION_NOT_POSSIBLE',
    ],
    [
        Houses::job(
            'x', panels: house([])->service->panels, supply: Houses::supply(48000, 60000, 240, Outlet::Terminals, 400),
            connection: 'interlock', wire: new WireRun(10, 10, ambientC: 54, terminalC: 60, method: WiringMethod::Cable),
        ),
        'WIRE_NOT_FOUND',
    ],
]);

it('opens at the furthest stage that was begun; a card counts only once it is done, and the work proven', function (
    Job $job, StageKey $stage, string $begun = '',
) {
    $list = match ($begun) {
        'install' => InstallList::of(new Design($job)),
        'prove' => ProveList::of(new Design($job)),
        default => [],
    };
    $work = new Work(array_map(
        fn (ChecklistStep $step): StepRecord => new StepRecord($step->key, 'NV', '2026-11-27 09:30', $step->text), array_slice($list, 0, 1),
    ));
    expect(Houses::reached(Review::of($job->with($work))))->toBe($stage);
})->with([
    'nothing' => [Houses::job('x'), StageKey::Survey],
    'loads marked' => [Houses::small(), StageKey::Loads],
    'wire measured, card not ready' => [Houses::small(Houses::supply(1800, 2000, 240, Outlet::Locking20, 20), 'interlock'), StageKey::Wire],
    'card ready' => [Houses::small(Houses::supply(), 'interlock'), StageKey::Wire],
    'card ready, work begun' => [Houses::small(Houses::supply(), 'interlock'), StageKey::Install, 'install'],
    'card ready, proof begun' => [Houses::small(Houses::supply(), 'interlock'), StageKey::Run, 'prove'],
    'proof begun, card not ready' => [
        Houses::small(Houses::supply(1800, 2000, 240, Outlet::Locking20, 20), 'interlock'), StageKey::Prove, 'prove',
    ],
]);

it('says in whole sentences why a way of connecting works or not', function (Job $job, string $kind, string $said) {
    expect(array_map(fn ($r) => $r->text, Houses::verdict($job, $kind)->reasons))->toContain($said);
})->with(function () use ($fridge): iterable {
    $boiler = Houses::plugged(Houses::circuit('4', 1, Role::Must, 300, 900, LoadKind::Boiler, 'Boiler'), false);
    $pump = Houses::circuit('5', 2, Role::Must, 1200, 4800, LoadKind::Pump, 'Pump');
    yield 'one without a plug' => [house([$fridge, $boiler]), 'cords', '4 Boiler must run and has no plug for a 120 V cord.'];
    yield 'two without a plug' => [
        house([$fridge, $boiler, $pump]), 'cords', '4 Boiler and 5–7 Pump must run and have no plug for a 120 V cord.',
    ];
    $taken = fn (int ...$free) => house(
        array_map(fn (int $n) => Houses::circuit((string) $n, 1, Role::Off, name: "Room $n"), array_values(array_diff(range(1, 20), $free)))
    );
    $held = 'The generator breaker goes in spaces 1 and 3 beside the main, and must be held down: it is back-fed. ';
    yield 'just enough spaces free' => [
        $taken(18, 20), 'interlock', $held.'1 Room 1 and 3 Room 3 must move first; the fewest moves: 1 Room 1 to 18; 3 Room 3 to 20.',
    ];
    yield 'one space free for two breakers' => [
        $taken(20), 'interlock',
        $held.'1 Room 1 and 3 Room 3 must move first. The breakers in spaces 1 and 3 take 2 spaces, and beside them 1 space is free. '
            .'No space is known to accept a tandem breaker. Look at the label, or set a sub-panel.',
    ];
    yield 'no space free for two breakers' => [
        $taken(), 'interlock',
        $held.'1 Room 1 and 3 Room 3 must move first. The breakers in spaces 1 and 3 take 2 spaces, and beside them none is free. '
            .'No space is known to accept a tandem breaker. Look at the label, or set a sub-panel.',
    ];
    yield 'a needed space does not count as free' => [
        $taken(3, 20), 'interlock', $held.'1 Room 1 must move first; the fewest moves: 1 Room 1 to 20, now on leg B.',
    ];
    $twoPole = fn (int ...$free) => house(
        [
            Houses::circuit('1', 2, Role::Off, name: 'Dryer'),
            ...array_map(fn (int $n) => Houses::circuit((string) $n, 1, Role::Off), array_values(array_diff(range(2, 20), [3], $free))),
        ]
    );
    yield 'two spaces one below the other' => [
        $twoPole(14, 16), 'interlock', $held.'1–3 Dryer must move first; the fewest moves: 1–3 Dryer to 14–16.',
    ];
    yield 'two spaces apart' => [
        $twoPole(14, 18), 'interlock',
        $held.'1–3 Dryer must move first; the fewest moves: 20 circuit 20 to 14, now on leg A; 1–3 Dryer to 18–20.',
    ];
    yield 'two spaces side by side' => [
        $twoPole(17, 18), 'interlock',
        $held.'1–3 Dryer must move first; the fewest moves: 20 circuit 20 to 17, now on leg A; 1–3 Dryer to 18–20.',
    ];
    $panels = fn (int $more) => Changed::of(
        house([$fridge]),
        panels: [
            ...house([$fridge])->service->panels,
            ...array_map(fn (int $i) => new Panel("q$i", "Barn $i", 12, PanelKind::Main), range(1, $more)),
        ],
    );
    yield 'another panel' => [$panels(1), 'interlock', 'It feeds Panel and what hangs behind it; Barn 1 stays dead.'];
    yield 'two other panels' => [$panels(2), 'interlock', 'It feeds Panel and what hangs behind it; Barn 1 and Barn 2 stay dead.'];
    $on120 = fn (?bool $multiwire) => Changed::of(
        house([$fridge], multiwire: $multiwire), supply: Houses::supply(3000, 3600, 120, Outlet::Locking30At120, 30),
    );
    yield '120 V on both legs' => [
        $on120(false), 'interlock', 'A 120 V machine feeds both legs from one hot wire: every 240 V load stays dead.',
    ];
    yield 'a breaker just small enough' => [
        house([Houses::circuit('1', 1, Role::Must, 100, amps: 30)]), 'manual_switch',
        'The circuits that must run take 1 place: a switch for 4.',
    ];
});

it('asks about shared neutrals only where a '
    .'manual switch could load them twice', function (?int $volts, ?bool $multiwire, bool $asks) use ($fridge) {
        $supply = match ($volts) {
            120 => Houses::supply(3000, 3600, 120, Outlet::Locking30At120, 30), 240 => Houses::supply(), null => null
        };
        $den = Houses::circuit('4', 1, Role::Must, 180, name: 'Den');
        $texts = array_map(
            fn ($r) => $r->text,
            Houses::verdict(Changed::of(house([$fridge, $den], multiwire: $multiwire), supply: $supply), 'manual_switch')->reasons,
        );
        expect(preg_grep('/halves of a multiwire circuit/', $texts) !== [])->toBe($asks);
    })->with([[120, true, true], [120, null, true], [120, false, false], [240, true, false], [null, true, false]]);

it('powers what it reaches and the machine can feed', function () {
    $inBarn = Houses::circuit('6', 1, Role::Must, 100, name: 'Barn lights');
    $job = house(
        [Houses::circuit('5', 2, Role::Must, 1200, 1200, name: 'Heater'), Houses::circuit('2', 1, Role::Room, 100, name: 'Lights')]
    );
    $job = Changed::of(
        $job,
        panels: [...$job->service->panels, new Panel('barn', 'Barn', 12, PanelKind::Main, circuits: [Changed::of($inBarn, id: 'barn6')])],
    );
    $names = fn (Job $job, string $kind, string $which) => array_map(fn ($c) => $c->name, Houses::verdict($job, $kind)->$which);
    expect($names($job, 'interlock', 'powers'))->toBe(['Heater', 'Lights'])->and($names($job, 'interlock', 'dead'))->toBe(['Barn lights']);
    $job = Changed::of($job, supply: Houses::supply(3000, 3600, 120, Outlet::Locking30At120, 30));
    expect($names($job, 'interlock', 'powers'))->toBe(['Lights'])->and($names($job, 'interlock', 'dead'))->toBe(['Heater', 'Barn lights'])
        ->and($names($job, 'manual_switch', 'powers'))->toBe(['Barn lights'])->and($names($job, 'manual_switch', 'dead'))->toBe(['Heater']);
});

it('reaches the same circuits whichever figures sizing rests on', function (string $way) {
    $listed = Houses::small(Houses::supply(), $way);
    $panel = $listed->service->panels[0];
    $measured = Houses::changed($listed, figures: LoadBasis::Measure, figuresReason: 'clamped', panels: [$panel->with(circuits: array_map(
        fn (Circuit $c): Circuit => $c->role === Role::Must ? $c->with(measured: new Measured($c->leg(), 2, 3)) : $c, $panel->circuits,
    ))]);
    $ids = fn (Job $job): array => array_map(fn (Circuit $c): string => $c->id, Houses::verdict($job, $way)->powers);
    expect($ids($measured))->toBe($ids($listed))->and($ids($listed))->toContain('c2');
})->with(['interlock', 'manual_switch']);

it('holds the generator breaker against the bus and against what two spaces take', function (
    int $outlet, ?int $bus, ?int $main, Possible $possible, string $says,
) {
    $job = Houses::changed(
        Houses::small(Houses::supply(48_000, 60_000, 240, Outlet::Terminals, $outlet), 'interlock'),
        panels: [new Panel('p', 'Panel', 20, PanelKind::Main, $main, true, 1, false, [], busAmps: $bus)],
    );
    $verdict = Houses::verdict($job, 'interlock');
    expect($verdict->possible)->toBe($possible)->and(implode(' ', array_column($verdict->reasons, 'text')))->toContain($says);
})->with([
    'within the bus' => [100, 100, 100, Possible::Yes, 'a generator breaker of 100 A is within that'],
    'over it' => [110, 100, 100, Possible::No, 'more than the bus of Panel carries (100 A)'],
    'bus not noted, within the main' => [100, null, 100, Possible::Yes, 'no larger than the main that protects it now'],
    'bus not noted, over the main' => [110, null, 100, Possible::NotKnown, 'Read the rating of the bus'],
    'a frame of two spaces' => [125, 200, 200, Possible::Yes, 'within that'],
    'a larger frame' => [126, 200, 200, Possible::NotKnown, 'hardly fits the two spaces'],
]);

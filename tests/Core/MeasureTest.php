<?php

declare(strict_types=1);

namespace Tests\Core\MeasureTest;

use App\Devices\StandIn\StandInHouse;
use App\Devices\StandIn\StandInLoad;
use Tests\Support\Houses;
use Underpin\Checks\Review;
use Underpin\Csv\DecimalMark;
use Underpin\Drawing\Strip\LegStrip;
use Underpin\Exchange\JobFile;
use Underpin\Job\Circuit;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Duty;
use Underpin\Job\Dwelling;
use Underpin\Job\Load;
use Underpin\Job\LoadBasis;
use Underpin\Job\LoadKind;
use Underpin\Job\Measured;
use Underpin\Job\Panel;
use Underpin\Job\PartOfDay;
use Underpin\Job\Position;
use Underpin\Job\RecordedPeak;
use Underpin\Job\Role;
use Underpin\Job\Season;
use Underpin\Legs\Leg;
use Underpin\Loads\Comparison;
use Underpin\Measure\Mark;
use Underpin\Measure\Offers;
use Underpin\Measure\Reading;
use Underpin\Measure\ReadingsTable;
use Underpin\Measure\RecordingSummary;
use Underpin\Measure\ServiceLimit;
use Underpin\Measure\Step;
use Underpin\Measure\StepFinder;
use Underpin\Refused;

/** @return list<Reading> ten a second */
function readingsOf(StandInHouse $house, int $seconds): array
{
    return array_map(fn (int $i) => $house->read(100 * $i), range(0, 10 * $seconds));
}

it('finds every load that comes on, on its leg, with what it runs and starts at', function (int $seed) {
    mt_srand($seed);
    $runs = [];
    foreach (range(0, 5) as $i) {
        $run = mt_rand(8, 200) / 10;
        $load = new StandInLoad("c$i", Leg::cases()[mt_rand(0, 2)], $run, $run * mt_rand(10, 45) / 10, mt_rand(1, 15) / 10);
        $runs[] = ['load' => $load, 'onMs' => 5000 + $i * 12_000 + mt_rand(0, 2000), 'offMs' => null];
    }
    $steps = StepFinder::find(readingsOf(new StandInHouse($seed, 1.5, 0.8, mt_rand(0, 4) / 100, false, $runs), 90));
    expect($steps)->toHaveCount(6);
    foreach ($steps as $i => $step) {
        $load = $runs[$i]['load'];
        expect($step->leg())->toBe($load->leg)->and($step->isOn())->toBeTrue()
            ->and(abs($step->atMs - $runs[$i]['onMs']))->toBeLessThan(400)
            ->and($step->runAmps())->toEqualWithDelta($load->runAmps, 0.25)
            // Ten readings a second miss the very top of a start.
            ->and($step->startAmps())->toEqualWithDelta(
                max($load->runAmps, $load->ampsAfter((ceil($runs[$i]['onMs'] / 100) * 100 - $runs[$i]['onMs']) / 1000)), 0.4,
            );
    }
})->with(range(1, 12));

it('sees what goes off as going off, and a blip as nothing', function () {
    $load = new StandInLoad('c', Leg::B, 6.0, 6.0, 0.1);
    $blip = new StandInLoad('d', Leg::A, 9.0, 9.0, 0.1);
    $steps = StepFinder::find(readingsOf(new StandInHouse(3, 2, 2, 0.02, false, [
        ['load' => $load, 'onMs' => 5000, 'offMs' => 15_000], ['load' => $blip, 'onMs' => 22_000, 'offMs' => 22_300],
    ]), 40));
    expect(array_map(fn (Step $s) => [$s->isOn(), $s->leg()], $steps))->toBe([[true, Leg::B], [false, Leg::B]]);
});

it('finds no step in noise, however loud', function (float $noise) {
    expect(StepFinder::find(readingsOf(new StandInHouse(9, 5, 5, $noise, false, []), 120)))->toBe([]);
})->with([0.0, 0.05, 0.4]);

it('reads the same moment the same, and swapped clamps swapped', function () {
    $house = fn (bool $swapped) => new StandInHouse(5, 3.0, 1.0, 0.05, $swapped, []);
    foreach ([0, 100, 86_400_000] as $ms) {
        $plain = $house(false)->read($ms);
        $other = $house(true)->read($ms);
        expect($house(false)->read($ms))->toEqual($plain)->and([$other->aAmps, $other->bAmps])->toBe([$plain->bAmps, $plain->aAmps]);
    }
});

it('offers the circuit that was named, and says when it answers elsewhere', function () {
    $circuits = [
        Houses::circuit('2', 1, Role::Must, 600, 600, name: 'Lamps'), Houses::circuit('4', 1, Role::Must, 600, 600, name: 'Fridge'),
        Houses::circuit('5', 2, Role::Must, 2400, 4800, name: 'Pump'),
    ];
    $onA = new Step(10_000, 5.0, 0.0, 5.1, 0.0, 0.3);
    $named = fn (?string $id, int $at = 11_000) => Offers::of([$onA], $id === null ? [] : [new Mark($at, 'on', $id)], $circuits)[0];
    expect($named('c2')->contradicts())->toBeFalse()->and($named('c2')->circuit?->name)->toBe('Lamps')
        ->and($named('c4')->contradicts())->toBeTrue()
        ->and($named('c4')->words())->toContain('answered on leg A')->toContain('hangs on leg B')
        ->and($named('c5')->contradicts())->toBeTrue()
        ->and($named(null)->circuit?->name)->toBe('Lamps')->and($named(null)->contradicts())->toBeFalse()
        ->and($named('c4', 40_000)->mark)->toBeNull();
    $both = new Step(1000, 5.0, 5.0, 5.0, 5.0, 0.3);
    expect(Offers::of([$both], [new Mark(1000, 'on', 'c2')], $circuits)[0]->words())->toContain('legs A and B');
    expect(Offers::of([new Step(1000, -5.0, 0.0, 0.0, 0.0, 0.3)], [], $circuits))->toBe([]);
});

it('sums a recording up as a plain count does', function () {
    $readings = readingsOf(
        new StandInHouse(8, 4, 2, 0.1, false, [['load' => new StandInLoad('c', Leg::A, 10, 40, 1.0), 'onMs' => 20_000, 'offMs' => 50_000]]),
        60,
    );
    $summary = RecordingSummary::of($readings);
    $a = array_map(fn (Reading $r) => $r->aAmps, $readings);
    $lasting = max(array_map(fn (int $i) => array_sum(array_slice($a, $i, 101)) / 101, range(0, count($a) - 101)));
    expect($summary?->peakA)->toBe(max($a))->and($summary->meanA)->toEqualWithDelta(array_sum($a) / count($a), 1e-9)
        ->and($summary->lastingA)->toEqualWithDelta($lasting, 0.05)
        ->and($summary->lastingA)->toBeLessThan(18)
        ->and($summary->peakA)->toBeGreaterThan(40)
        ->and($summary->spareAmps(30, 4.0))->toEqualWithDelta(30 - $summary->lastingA - 4.0, 1e-9)->and($summary->gaps)->toBe(0)
        ->and(RecordingSummary::of([]))->toBeNull();
    array_splice($readings, 100, 20);
    expect(RecordingSummary::of($readings)?->gaps)->toBe(1);
});

it('writes readings out and reads them in again', function () {
    $readings = [new Reading(0, 1.5, 0.25), new Reading(100, 12.125, 0.0), new Reading(200, 3.0, 7.5)];
    $table = new ReadingsTable;
    $again = [];
    foreach ([...ReadingsTable::lines($readings, [new Mark(40, '=SUM(A1)'), new Mark(180, 'pump, on')])] as $i => $line) {
        $again[] = $table->row($i + 1, str_getcsv(rtrim($line), ',', '"', ''));
    }
    $again = array_slice($again, 1);
    $marks = $table->finish();
    expect($again)->toEqual($readings)
        ->and(array_map(fn (Mark $m) => [$m->atMs, $m->said], $marks))->toBe([[100, '=SUM(A1)'], [200, 'pump, on']]);
});

it('reads times and heads as loggers write them', function (string $head, array $rows, array $times) {
    $table = new ReadingsTable;
    $readings = [];
    foreach ([$head, ...$rows] as $i => $line) {
        $readings[] = $table->row($i + 1, explode(';', $line));
    }
    expect(array_map(fn (?Reading $r) => $r?->atMs, $readings))->toBe([null, ...$times])->and($table->finish())->toBe([]);
})->with([
    ['Time (s);Leg A (A);Leg B (A)', ['0;1;2', '0.5;1;2'], [0, 500]],
    ['ms;L1;L2', ['1700000000000;1;2', '1700000000100;1,5;2'], [0, 100]],
    ['Time;A;B', ['10:00:00;1;2', '10:00:01.5;1;2'], [0, 1500]],
    ['timestamp;phase 1;phase 2', ['2026-03-01 10:00;1;2', '2026-03-01 10:01;1;2'], [0, 60_000]],
    'over midnight' => [
        'timestamp;A;B', ['2026-03-01 23:59:59;1;2', '2026-03-02 00:00:00.5;1;2', '2026-03-02 00:00:01;1;2', '2026-03-02 23:59:58;1;2'],
        [0, 1500, 2000, 86_399_000],
    ],
    'hours since the beginning' => ['Time;A;B', ['0:00:00;1;2', '1:30:00;1;2'], [0, 5_400_000]],
]);

it('finds the decimal mark of each column, and passes nothing that the service could not', function () {
    $read = function (array $rows, ?int $amps = null, string $delimiter = ';', ?DecimalMark $mark = null): array {
        $table = new ReadingsTable($delimiter, $mark, new ServiceLimit($amps));
        $readings = [];
        foreach (['s;A;B', ...$rows] as $i => $row) {
            $readings[] = $table->row($i + 1, explode(';', $row));
        }
        $table->finish();

        return array_map(fn (Reading $r): array => [$r->atMs, $r->aAmps, $r->bAmps], array_slice($readings, 1));
    };
    expect($read(['0,0;1,25;2.5', '0,1;1,506;3.5']))->toBe([[0, 1.25, 2.5], [100, 1.506, 3.5]])
        ->and(fn () => $read(['0;1,5;2', '1;1.5;2']))->toThrow(Refused::class, 'Line 3: "1.5" is no number with a decimal comma')
        ->and(fn () => $read(['0;1.506;2', '1;2.250;2']))->toThrow(Refused::class, '"1.506" may be 1.506 or 1506')
        ->and($read(['0;1.506;2'], mark: DecimalMark::Point))->toBe([[0, 1.506, 2.0]])
        ->and($read(['0;600;2'], 100))->toBe([[0, 600.0, 2.0]])
        ->and(fn () => $read(['0;1001;2'], 100))->toThrow(Refused::class, 'leg A must be from 0 to 1,000 A, what a service of 100 A')
        ->and(fn () => $read(['0;1;2001']))->toThrow(Refused::class, 'leg B must be from 0 to 2,000 A, what any service up to 600 A');
});

it('refuses readings by their line', function (array $lines, string $said) {
    $read = function () use ($lines): void {
        $table = new ReadingsTable;
        foreach ($lines as $i => $line) {
            $table->row($i + 1, explode(',', $line));
        }
        $table->finish();
    };
    expect($read)->toThrow(fn (Refused $refused) => expect($refused->getMessage())->toContain($said)->and($refused->field)->toBe('file'));
})->with([
    [['s,a,b', '0,1,2', '0,1,2'], 'Line 3: its time is not after'], [['s,a,b', '0,1,-2'], 'leg B must be from 0'],
    [['s,a,b', 'x,1,2'], 'Line 2: "x" is no time'],
    [['s,a,b', '0,1'], 'breaks off'], [['s,a,b', '0,1,2', '100000,1,2'], 'more than a day'], [['nothing'], 'No head'],
    [['time,a,b', '10:00:00,1,2', '09:59:59,1,2'], 'Line 3: its time is not after'],
    [['time,a,b', '23:00:00,1,2', '01:00:00,1,2', '23:00:01,1,2'], 'more than a day'], [['s,a,b'], 'no readings'],
    [['s,a,b', '0,9999,2'], 'leg A must be'],
]);

it('sizes by what was measured, by the calculation, or by the list, as it was chosen', function () {
    $small = Houses::small();
    $panel = $small->service->panels[0];
    $fridge = $panel->circuit('c2');
    $circuits = array_map(
        fn (Circuit $c) => $c === $fridge
            ? new Circuit(
                $c->id, $c->position, $c->breakerAmps, $c->name, role: $c->role, loads: $c->loads,
                measured: new Measured(Leg::A, 2.5, 11.0),
            )
            : $c,
        $panel->circuits,
    );
    $job = fn (LoadBasis $school) => Houses::job(
        'x', panels: [new Panel('p', 'P', 20, circuits: $circuits)], supply: Houses::supply(),
        demand: new DemandInputs(DemandMethod::Measured, 240.0, new Dwelling, 9600.0), figures: $school, figuresReason: 'because',
    );
    $running = fn (LoadBasis $school) => Review::of($job($school))->design->fit()->running;
    // pump 5 A on both; fridge 1.5 A listed, 2.5 A measured on A; boiler 2 A on B; 125 % of 9,600 VA is 50 A
    // A recording can miss the top of a start: the listed one counts where it is higher. A meter that holds the inrush is believed.
    $start = fn (float $measured, bool $byHand) => (
        new Circuit(
            'c', new Position(2), 20, 'Fridge', loads: [new Load('l', 'Fridge', LoadKind::Refrigeration, 180, 1200)],
            measured: new Measured(Leg::A, 2.0, $measured, byHand: $byHand),
        )
    )->asMeasured()->startAmps();
    expect([$start(6.0, false), $start(12.0, false), $start(6.0, true)])->toEqualWithDelta([10.0, 12.0, 6.0], 1e-9);
    expect($running(LoadBasis::List)->aAmps)->toEqualWithDelta(6.5, 1e-9)
        ->and($running(LoadBasis::List)->bAmps)->toEqualWithDelta(7.0, 1e-9)
        ->and($running(LoadBasis::Measure)->aAmps)->toEqualWithDelta(7.5, 1e-9)
        ->and($running(LoadBasis::Measure)->bAmps)->toEqualWithDelta(7.0, 1e-9)
        ->and([$running(LoadBasis::Calculate)->aAmps, $running(LoadBasis::Calculate)->bAmps])->toBe([50.0, 50.0]);
    expect(JobFile::standard()->decode(JobFile::standard()->encode($job(LoadBasis::Measure))))->toEqual($job(LoadBasis::Measure));
    $codes = array_map(fn ($f) => $f->code->value, Review::of($job(LoadBasis::Measure))->findings);
    expect($codes)->toContain('NOT_MEASURED')->not->toContain('LEG_CONTRADICTS');
});

it('lets any motor start on top of what the code calculates', function () {
    $saw = new Load('l', 'Saw', LoadKind::Tool, 1200, 6000);
    $job = fn (LoadBasis $school) => Houses::job(
        'x', panels: [new Panel('p', 'P', 20, circuits: [new Circuit('c', new Position(2), 20, 'Saw', role: Role::Must, loads: [$saw])])],
        supply: Houses::supply(), demand: new DemandInputs(DemandMethod::Measured, 240.0, new Dwelling, 4800.0), figures: $school,
    );
    // 125 % of 4,800 VA is 25 A on each leg; the saw adds 40 A at its start and does not start by itself.
    expect(Review::of($job(LoadBasis::List))->design->fit()->restartAmps)->toEqualWithDelta(10.0, 1e-9)
        ->and(Review::of($job(LoadBasis::Calculate))->design->fit()->restartAmps)->toEqualWithDelta(65.0, 1e-9);
    $strip = LegStrip::of(
        Review::of(
            Houses::job(
                'x', panels: Houses::small()->service->panels,
                demand: new DemandInputs(DemandMethod::Measured, 240.0, new Dwelling, 40_000.0), figures: LoadBasis::Calculate,
            )
        )->design
    );
    expect($strip->scaleAmps)->toBeGreaterThan(max($strip->aRunAmps, $strip->bRunAmps));
});

it('never sizes lower by the calculation than by the list', function () {
    foreach ([100.0, 1000.0, 5000.0, 40_000.0] as $peak) {
        $job = fn (LoadBasis $school) => Houses::job(
            'x', panels: Houses::small()->service->panels, demand: new DemandInputs(DemandMethod::Measured, 240.0, new Dwelling, $peak),
            figures: $school,
        );
        expect(
            Review::of($job(LoadBasis::Calculate))->design->plan()->running->worstAmps()
        )->toBeGreaterThanOrEqual(Review::of($job(LoadBasis::List))->design->plan()->running->worstAmps());
    }
    $codes = array_map(
        fn ($f) => $f->code->value,
        Review::of(Houses::job('x', panels: Houses::small()->service->panels, figures: LoadBasis::Calculate))->findings,
    );
    expect($codes)->toContain('CALCULATION_NOT_DONE');
});

it('explains where list and measurement part', function () {
    $lamps = new Circuit(
        'l', new Position(2), 15, 'Lamps', role: Role::Must, loads: [new Load('a', 'Lamps', LoadKind::ElectricHeat, 500)],
        measured: new Measured(Leg::A, 14.4, 14.6),
    );
    $same = new Circuit(
        's', new Position(4), 15, 'Fan', role: Role::Must, loads: [new Load('b', 'Fan', LoadKind::Fan, 600, 1200)],
        measured: new Measured(Leg::B, 5.2, 9.0),
    );
    $comparison = Comparison::of(Houses::job('x', panels: [new Panel('p', 'P', 20, circuits: [$lamps, $same])]), null);
    expect(implode(' ', $comparison->differences))->toContain('2 Lamps: listed 4.2 A, measured 14.4 A')->not->toContain('Fan');
    $rows = array_column(array_map(fn ($r) => [$r->what, $r->aAmps], $comparison->rows), 1, 0);
    expect($rows['Must run'])->toEqualWithDelta(500 / 120, 1e-9)
        ->and($rows['Must run, circuit by circuit'])->toEqualWithDelta(14.4, 1e-9)
        ->and($rows['Load calculation'])->toBeNull();
});

it('shows winter and summer where loads keep to a season', function () {
    $circuit = new Circuit('c', new Position(2), 20, 'Heat and cool', role: Role::Must, loads: [
        new Load('h', 'Heater', LoadKind::ElectricHeat, 1200, season: Season::Winter),
        new Load('f', 'Fan', LoadKind::Fan, 240, 480, season: Season::Summer, partOfDay: PartOfDay::Day),
        new Load('r', 'Router', LoadKind::Electronics, 60),
    ]);
    $rows = array_column(
        array_map(
            fn ($r) => [$r->what, $r->totalVa],
            Comparison::of(Houses::job('x', panels: [new Panel('p', 'P', 20, circuits: [$circuit])]), null)->rows,
        ),
        1, 0,
    );
    expect([$rows['Must run'], $rows['Must run, in winter'], $rows['Must run, in summer']])->toBe([1500.0, 1260.0, 300.0]);
});

it('holds the one receptacle of a circuit to its own rating, and that to the breaker', function (
    int $receptacle, int $breaker, float $watts, array $codes,
) {
    $circuit = new Circuit(
        'c', new Position(2), $breaker, 'Lamps', role: Role::Off, loads: [new Load('l', 'Lamps', LoadKind::Other, $watts)],
        receptacleAmps: $receptacle,
    );
    $found = array_values(
        array_filter(
            array_map(
                fn ($f) => $f->code->value, Review::of(Houses::job('x', panels: [new Panel('p', 'P', 20, circuits: [$circuit])]))->findings,
            ),
            fn ($code) => str_starts_with($code, 'RECEPTACLE'),
        )
    );
    expect($found)->toBe($codes);
})->with([
    [15, 15, 1800, []], [15, 15, 1801, ['RECEPTACLE_UNDER_LOAD']], [20, 20, 2400, []], [20, 20, 2401, ['RECEPTACLE_UNDER_LOAD']],
    [15, 20, 100, ['RECEPTACLE_UNDER_BREAKER']], [30, 30, 3601, ['RECEPTACLE_UNDER_LOAD']],
]);

it('counts a load of hours at 125 % on its breaker', function () {
    $on = function (?Duty $duty, float $watts): array {
        $lamps = new Circuit('c', new Position(2), 20, 'Lamps', loads: [new Load('l', 'Lamps', LoadKind::Lighting, $watts, duty: $duty)]);
        $review = Review::of(Houses::job('x', panels: [new Panel('p', 'P', 20, circuits: [$lamps])]));

        return array_map(fn ($f) => $f->code->value, $review->findings);
    };
    expect($on(Duty::Continuous, 1920))->not->toContain('CONTINUOUS_OVER_BREAKER')
        ->and($on(Duty::Continuous, 1950))->toContain('CONTINUOUS_OVER_BREAKER')
        ->and($on(null, 1950))->not->toContain('CONTINUOUS_OVER_BREAKER')
        ->and($on(Duty::Continuous, 2500))->toContain('LOAD_OVER_BREAKER')->not->toContain('CONTINUOUS_OVER_BREAKER');
});

it('lets a duty overrule what a kind usually does', function () {
    expect((new Load('l', 'Pump', LoadKind::Pump))->cyclesByItself())->toBeTrue()
        ->and((new Load('l', 'Pump', LoadKind::Pump, duty: Duty::ByHand))->cyclesByItself())->toBeFalse()
        ->and((new Load('l', 'Heater', LoadKind::ElectricHeat, duty: Duty::Cycling, onS: 60, offS: 120))->cyclesByItself())->toBeTrue();
});

it('refuses a measurement that cannot be', function (callable $make, string $field) {
    expect($make)->toThrow(fn (Refused $refused) => expect($refused->field)->toBe($field));
})->with([
    [fn () => new Measured(Leg::A, -1, 2), 'run_a'], [fn () => new Measured(Leg::A, 5, 4), 'start_a'],
    [fn () => new Measured(Leg::A, 5, 5, 'yesterday'), 'on'], [fn () => new Measured(Leg::A, 5000, 5000), 'run_a'],
]);

it('puts the differences of the three ways into sentences with their figures', function (float $peakVa, array $said) {
    // Pump 5 A on both, fridge 1.5 A on A, boiler 2 A on B: 6.5 A and 7.0 A; the range of 5,000 W is left off.
    $job = Houses::job(
        'x', panels: Houses::small()->service->panels, demand: new DemandInputs(DemandMethod::Measured, 240.0, new Dwelling, $peakVa),
        recorded: new RecordedPeak(8000.0, '2026-01-05 17:15', 365.0, 900, 12, false, false, 'x.csv'),
    );
    expect(Comparison::of($job, null)->differences)->toBe($said);
})->with([
    'the calculation higher' => [9600.0, [
        'The calculation is 43.0 A a leg above the list: it counts the whole dwelling, the list only what must run.',
        'Legs: the list puts 6.5 A on A and 7.0 A on B; a calculation says nothing of the balance, so legs are '
            .'judged by list or measurement.',
        'The utility recorded at most 8,000 W; the calculation is 150 % of it.', '12 values are missing: the true peak may lie in a gap.',
    ]],
    'the list higher' => [960.0, [
        'The list is 2.0 A above the calculation on leg B: nameplates add up as if all ran at once, and the '
            .'calculation takes both legs alike.',
        'Legs: the list puts 6.5 A on A and 7.0 A on B; a calculation says nothing of the balance, so legs are '
            .'judged by list or measurement.',
        'The utility recorded at most 8,000 W; the calculation is 15 % of it.', '12 values are missing: the true peak may lie in a gap.',
    ]],
]);

it('names a difference only where it is one', function (float $listedAmps, float $measuredAmps, ?string $why) {
    $circuit = new Circuit(
        'l', new Position(2), 40, 'Lamps', role: Role::Must, loads: [new Load('a', 'Lamps', LoadKind::ElectricHeat, $listedAmps * 120)],
        measured: new Measured(Leg::A, $measuredAmps, $measuredAmps),
    );
    $said = implode(' ', Comparison::of(Houses::job('x', panels: [new Panel('p', 'P', 20, circuits: [$circuit])]), null)->differences);
    $why === null ? expect($said)->not->toContain('listed') : expect($said)->toContain($why);
})->with([[5, 5.4, null], [20, 22, null], [5, 8, 'More hangs on it than the list says'], [8, 5, 'Not everything on it ran']]);

it('shows what was acted out and what the utility recorded beside the rest', function () {
    $summary = RecordingSummary::of(array_map(fn (int $i) => new Reading($i * 100, $i === 50 ? 40.0 : 10.0, 6.0), range(0, 400)));
    $job = Houses::job(
        'x', panels: Houses::small()->service->panels,
        recorded: new RecordedPeak(4800.0, '2026-01-05 17:15', 365.0, 900, 0, false, false, 'x.csv'),
    );
    $rows = Comparison::of($job, $summary, 'Evening')->rows;
    $row = fn (string $what) => array_values(array_filter($rows, fn ($r) => $r->what === $what))[0];
    expect($row('Evening, highest ten seconds')->aAmps)->toEqualWithDelta(10 + 30 / 101, 1e-9)
        ->and($row('Evening, highest ten seconds')->bAmps)->toEqualWithDelta(6.0, 1e-9)
        ->and($row('Evening, highest ten seconds')->note)->toBe('starts up to 40.0 A and 6.0 A; legs peak at different times')
        ->and([$row("Utility's recorded peak")->aAmps, $row("Utility's recorded peak")->bAmps])->toBe([20.0, 20.0])
        ->and($row('Must run, circuit by circuit')->note)->toBe('nothing measured yet')
        ->and($row('Load calculation')->note)->toBe('not worked out yet');
    $none = Comparison::of(Houses::job('x'), null)->rows;
    expect(array_map(fn ($r) => $r->note, $none))->toContain('nothing marked yet', 'nothing recorded yet', 'no data brought in yet');
});

<?php

declare(strict_types=1);

namespace Tests\Core\RecordingTest;

use Tests\Support\Houses;
use Underpin\Job\LoadKind;
use Underpin\Job\Role;
use Underpin\Legs\Leg;
use Underpin\Measure\Mark;
use Underpin\Measure\Offers;
use Underpin\Measure\Reading;
use Underpin\Measure\RecordingSummary;
use Underpin\Measure\Step;
use Underpin\Measure\StepFinder;

/**
 * Readings a tenth of a second apart.
 *
 * @param  list<array{int, float, float}>  $parts  how many, amperes on A, amperes on B
 * @return list<Reading>
 */
function recorded(array $parts): array
{
    $readings = [];
    foreach ($parts as [$count, $a, $b]) {
        for ($i = 0; $i < $count; $i++) {
            $readings[] = new Reading(100 * count($readings), $a, $b);
        }
    }

    return $readings;
}

it('holds the highest mean of ten seconds, not the highest moment', function (array $parts, float $lastingA, float $peakA) {
    $summary = RecordingSummary::of(recorded($parts));
    expect($summary?->lastingA)->toEqualWithDelta($lastingA, 1e-9)->and($summary->peakA)->toBe($peakA);
})->with([
    // Ten seconds are 101 readings, both ends counted.
    'steady' => [[[300, 5.0, 1.0]], 5.0, 5.0],
    'a start of one reading' => [[[200, 5.0, 1.0], [1, 106.0, 1.0], [200, 5.0, 1.0]], 6.0, 106.0],
    'thirty seconds of more' => [[[200, 5.0, 1.0], [300, 9.0, 1.0], [200, 5.0, 1.0]], 9.0, 9.0],
    'five seconds of more' => [[[200, 4.0, 1.0], [50, 14.1, 1.0], [200, 4.0, 1.0]], 4.0 + 50 * 10.1 / 101, 14.1],
    'shorter than ten seconds: the mean of it all' => [[[25, 2.0, 1.0], [25, 4.0, 1.0]], 3.0, 4.0],
    'one reading' => [[[1, 7.0, 1.0]], 7.0, 7.0],
    'the last ten seconds' => [[[200, 5.0, 1.0], [101, 8.0, 1.0]], 8.0, 8.0],
]);

it('says when each leg was highest, and how even they were', function () {
    $summary = RecordingSummary::of(recorded([[10, 1.0, 2.0], [1, 9.0, 2.0], [5, 9.0, 2.0], [4, 1.0, 12.0]]));
    expect(
        [$summary?->peakAAtMs, $summary?->peakBAtMs, $summary?->fromMs, $summary?->toMs, $summary?->count]
    )->toBe([1000, 1600, 0, 1900, 20])
        // 14 x 1 A + 6 x 9 A = 68; 16 x 2 A + 4 x 12 A = 80.
        ->and([$summary->meanA, $summary->meanB])->toEqualWithDelta([3.4, 4.0], 1e-9)
        ->and($summary->imbalancePct())->toEqualWithDelta(15.0, 1e-9);
    expect(RecordingSummary::of(recorded([[20, 0.0, 0.0]]))?->imbalancePct())->toBe(0.0)
        ->and(RecordingSummary::of(recorded([[20, 6.0, 0.0]]))?->imbalancePct())->toBe(100.0);
});

it('takes the worse leg from an inlet, and the buffer too', function () {
    $summary = RecordingSummary::of(recorded([[300, 11.0, 14.0]]));
    expect($summary?->spareAmps(30, 4.0))->toEqualWithDelta(12.0, 1e-9)->and($summary?->spareAmps(50, 0.0))->toEqualWithDelta(36.0, 1e-9);
});

it('counts a pause of more than five usual steps as a gap, wherever it is', function (array $times, int $gaps) {
    expect(RecordingSummary::of(array_map(fn (int $ms) => new Reading($ms, 1.0, 1.0), $times))?->gaps)->toBe($gaps);
})->with([
    'none' => [range(0, 5000, 100), 0],
    'five steps are none' => [[...range(0, 1000, 100), ...range(1500, 3000, 100)], 0],
    'a hair more is one' => [[...range(0, 1000, 100), ...range(1501, 3001, 100)], 1],
    'right after the first reading' => [[0, ...range(900, 3000, 100)], 1],
    'two' => [[...range(0, 1000, 100), ...range(2000, 3000, 100), ...range(9000, 9500, 100)], 2],
    'late in a long recording' => [[...range(0, 150_000, 100), ...range(151_000, 153_000, 100)], 1],
    'early and late in a long recording' => [[...range(0, 5000, 100), ...range(6000, 150_000, 100), ...range(151_000, 153_000, 100)], 2],
    'one reading' => [[0], 0], 'two readings' => [[0, 60_000], 0],
]);

it('finds steps in a stream as it finds them in a list, noise or not, long or short', function (int $count) {
    mt_srand($count);
    $level = 5.0;
    $readings = [];
    for ($i = 0; $i < $count; $i++) {
        $level = $i % 97 === 96 ? mt_rand(10, 200) / 10 : $level;
        $readings[] = new Reading($i * 100, $level + mt_rand(-20, 20) / 1000, 2.0);
    }
    $stream = (function () use ($readings) {
        yield from $readings;
    })();
    $steps = StepFinder::find($stream);
    expect($steps)->toEqual(StepFinder::find($readings));
    foreach ($steps as $step) {
        expect($step->leg())->toBe(Leg::A)->and($step->atMs % 9700)->toBe(9600);
    }
    if ($count > 200) {
        expect(count($steps))->toBeGreaterThan(intdiv($count, 97) * 0.6);
    }
})->with([5, 23, 24, 300, 2999, 3000, 3001, 9000]);

it('finds the same steps in the first minutes of a long recording as in those minutes alone', function () {
    $parts = [[100, 5.0, 2.0], [100, 9.0, 2.0], [100, 5.0, 2.0], [2000, 5.0, 6.0]];
    expect(StepFinder::find(recorded([...$parts, [4000, 5.0, 6.0]])))->toEqual(StepFinder::find(recorded($parts)));
});

it('gives each step the nearest mark within its time', function (array $marks, ?string $said) {
    $offer = Offers::of([new Step(60_000, 5.0, 0.0, 5.0, 0.0, 0.3)], array_map(fn (array $m) => new Mark(...$m), $marks), [])[0];
    expect($offer->mark?->said)->toBe($said);
})->with([
    'none' => [[], null], 'just early enough' => [[[45_000, 'early']], 'early'], 'too early' => [[[44_999, 'early']], null],
    'just not too late' => [[[70_000, 'late']], 'late'], 'too late' => [[[70_001, 'late']], null],
    'the nearer of two' => [[[50_000, 'far'], [62_000, 'near']], 'near'],
    'the nearer, whichever comes first' => [[[59_000, 'near'], [68_000, 'far']], 'near'],
]);

it('guesses a circuit that nobody named by its leg and its size', function (float $runAmps, array $circuits, ?string $guess) {
    expect(Offers::of([new Step(1000, $runAmps, 0.0, $runAmps, 0.0, 0.3)], [], $circuits)[0]->circuit?->name)->toBe($guess);
})->with(fn () => [
    'the nearest in size' => [
        5.0, [Houses::circuit('1', 1, Role::Must, 480, name: 'Small'), Houses::circuit('2', 1, Role::Must, 630, name: 'Near')], 'Near',
    ],
    'not on the other leg' => [5.0, [Houses::circuit('4', 1, Role::Must, 600, name: 'On B')], null],
    'not half as large again' => [5.0, [Houses::circuit('1', 1, Role::Must, 901, name: 'Large')], null],
    'almost half as large again' => [5.0, [Houses::circuit('1', 1, Role::Must, 899, name: 'Large')], 'Large'],
    'not one without figures' => [0.6, [Houses::circuit('1', 1, Role::Must, null, null, LoadKind::Pump, 'Unknown')], null],
]);

it('says of an offer where it answered', function () {
    $lamps = Houses::circuit('2', 1, Role::Must, 600, 600, name: 'Lamps');
    $words = fn (Step $step, array $marks, array $circuits) => Offers::of([$step], $marks, $circuits)[0]->words();
    $onA = new Step(1000, 5.0, 0.0, 5.0, 0.0, 0.3);
    expect($words($onA, [new Mark(1000, 'on', 'c2')], [$lamps]))->toBe('2 Lamps answered on leg A, as its space says.')
        ->and($words($onA, [], [$lamps]))->toBe('Nothing was marked. By leg and size it is like 2 Lamps.')
        ->and($words($onA, [], []))->toBe('No circuit was named, and none in the list is like it.')
        ->and(
            $words(new Step(1000, 0.0, 5.0, 0.0, 5.0, 0.3), [new Mark(1000, 'on', 'c2')], [$lamps])
        )->toStartWith('2 Lamps answered on leg B, but its space hangs on leg A');
});

it('says when what was measured is far from the list, and what agrees', function (
    float $amps, ?float $listW, ?string $named, bool $far, bool $agrees,
) {
    $circuit = Houses::circuit('2', 1, Role::Must, $listW, $listW, name: 'Lamps');
    $step = new Step(1000, $amps, 0.0, $amps, 0.0, 0.3);
    [$offer] = Offers::of([$step], $named === null ? [] : [new Mark(1000, 'on', $named)], [$circuit]);
    expect($offer->isFarOff())->toBe($far)->and($offer->agrees())->toBe($agrees)->and($offer->farWords() !== '')->toBe($far);
})->with([
    'as listed' => [5.0, 600.0, 'c2', false, true],
    'just below half as much again' => [7.4, 600.0, 'c2', false, true],
    'half as much again' => [7.5, 600.0, 'c2', true, false],
    'two thirds' => [3.3, 600.0, 'c2', true, false],
    'just above two thirds' => [3.4, 600.0, 'c2', false, true],
    'only alike, named by nobody' => [5.0, 600.0, null, false, false],
    'no figure in the list' => [5.0, null, 'c2', false, false],
]);

it('takes of one circuit the newest step, and none that answered elsewhere', function () {
    $circuits = [
        Houses::circuit('2', 1, Role::Must, 600, 600, name: 'Lamps'), Houses::circuit('4', 1, Role::Must, 600, 600, name: 'Fridge'),
    ];
    $step = fn (int $at, float $amps): Step => new Step($at, $amps, 0.0, $amps, 0.0, 0.3);
    $steps = [$step(1000, 5.0), $step(60_000, 5.2), $step(120_000, 5.0)];
    $marks = [new Mark(1000, '', 'c2'), new Mark(60_000, '', 'c2'), new Mark(120_000, '', 'c4')];
    $agreeing = Offers::agreeing(Offers::of($steps, $marks, $circuits));
    expect(array_keys($agreeing))->toBe(['c2'])->and($agreeing['c2']->step->atMs)->toBe(60_000);
});

it('makes a measurement of a step: its leg, what it runs at, and no start below that', function (
    Step $step, Leg $leg, float $runAmps, float $startAmps,
) {
    $measured = $step->measured('2026-03-01');
    expect(
        [$measured->leg, $measured->runAmps, $measured->startAmps, $measured->on, $measured->byHand]
    )->toBe([$leg, $runAmps, $startAmps, '2026-03-01', false]);
})->with([
    'on A' => [new Step(0, 5.004, 0.1, 20.006, 0.2, 0.3), Leg::A, 5.0, 20.01],
    'on B' => [new Step(0, 0.1, 5.0, 30.0, 9.0, 0.3), Leg::B, 5.0, 9.0],
    'on both' => [new Step(0, 5.0, 6.0, 20.0, 21.0, 0.3), Leg::AB, 6.0, 21.0],
    'a start that was missed' => [new Step(0, 5.0, 0.0, 4.0, 0.0, 0.3), Leg::A, 5.0, 5.0],
]);

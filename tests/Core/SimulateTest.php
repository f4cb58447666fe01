<?php

declare(strict_types=1);

namespace Tests\Core\SimulateTest;

use function Tests\calc;
use function Tests\faultOf;

const MACHINE = ['run_w' => 7200, 'surge_w' => 9000, 'idle_per_h' => 0.4, 'full_per_h' => 1.2];

/**
 * @param  list<array<string, mixed>>  $loads
 * @param  array<string, float|int>  $machine
 * @return array<string, float|int>
 */
function outage(float|int $seconds, array $loads, array $machine = MACHINE): array
{
    $named = array_map(fn (array $load, int $i): array => ['id' => "l$i", ...$load], $loads, array_keys($loads));

    return calc('simulate', ['duration_s' => $seconds, 'loads' => $named, 'generator' => $machine]);
}

/**
 * What a load draws in the second that begins at $t, and whether it goes on then: by the words of the rule, all in whole seconds.
 *
 * @param  array<string, mixed>  $load
 * @return array{float, bool}
 */
function drawnAt(array $load, int $t, int $seconds): array
{
    $since = $t - $load['from_s'] - $load['offset_s'];
    if ($since < 0 || $t >= min($load['to_s'], $seconds)) {
        return [0.0, false];
    }
    $into = $load['off_s'] === 0 ? $since : $since % ($load['on_s'] + $load['off_s']);
    if ($load['off_s'] > 0 && $into >= $load['on_s']) {
        return [0.0, false];
    }

    return [(float) ($into < $load['start_s'] ? $load['start_w'] : $load['run_w']), $into === 0];
}

/**
 * The slow way: second by second.
 *
 * @param  list<array<string, mixed>>  $loads
 * @return array<string, float|int>
 */
function secondBySecond(int $seconds, array $loads): array
{
    $peak = ['A' => [0.0, 0], 'B' => [0.0, 0]];
    [$overRun, $overSurge, $energy, $starts, $hours] = [0, 0, 0.0, 0, []];
    for ($t = 0; $t < $seconds; $t++) {
        $amps = ['A' => 0.0, 'B' => 0.0];
        $watts = 0.0;
        foreach ($loads as $load) {
            [$drawn, $goesOn] = drawnAt($load, $t, $seconds);
            $watts += $drawn;
            $starts += $goesOn ? 1 : 0;
            foreach (str_split($load['leg']) as $leg) {
                $amps[$leg] += $drawn / $load['pf'] / ($load['leg'] === 'AB' ? 240 : 120);
            }
        }
        foreach ($amps as $leg => $now) {
            $peak[$leg] = $now > $peak[$leg][0] + 1e-9 ? [$now, $t] : $peak[$leg];
        }
        $overRun += max($amps) > MACHINE['run_w'] / 240 + 1e-9 ? 1 : 0;
        $overSurge += max($amps) > MACHINE['surge_w'] / 240 + 1e-9 ? 1 : 0;
        $energy += $watts;
        $hours[intdiv($t, 3600)] = ($hours[intdiv($t, 3600)] ?? 0) + $watts;
    }

    return [
        'peak_a_amps' => $peak['A'][0], 'peak_b_amps' => $peak['B'][0], 'peak_a_at_s' => $peak['A'][1], 'peak_b_at_s' => $peak['B'][1],
        'over_run_s' => $overRun, 'over_surge_s' => $overSurge, 'energy_kwh' => $energy / 3.6e6, 'starts' => $starts,
        'fuel' => (0.4 * $seconds + 0.8 * $energy / 7200) / 3600, 'mean_w' => $energy / $seconds,
        'busiest_hour_kwh' => max($hours) / 3.6e6,
    ];
}

it('comes to what a count of every second comes to', function (int $seed) {
    mt_srand($seed);
    $seconds = mt_rand(1, 9000);
    $loads = [];
    foreach (range(1, mt_rand(1, 7)) as $ignored) {
        $run = mt_rand(0, 24) * 100;
        $loads[] = [
            'leg' => ['A', 'B', 'AB'][mt_rand(0, 2)], 'run_w' => $run, 'pf' => [1, 0.8, 0.5][mt_rand(0, 2)],
            'start_w' => [$run, 3 * $run, intdiv($run, 2)][mt_rand(0, 2)], 'start_s' => [0, 1, 5, 400][mt_rand(0, 3)],
            'on_s' => [0, 1, 3, 60, 300, 2000][mt_rand(0, 5)], 'off_s' => [0, 1, 7, 120, 900][mt_rand(0, 4)],
            'offset_s' => [0, 1, 50, 1000][mt_rand(0, 3)], 'from_s' => [0, 30, 3599, 4000][mt_rand(0, 3)],
            'to_s' => [$seconds, 100, 3600, 5000, 20_000][mt_rand(0, 4)],
        ];
    }
    $out = outage($seconds, $loads);
    foreach (secondBySecond($seconds, $loads) as $name => $expected) {
        expect($out[$name])->toEqualWithDelta($expected, 1e-6, "$name, by seed $seed");
    }
})->with(range(1, 60));

it('draws its start first, cut short where it is on for less, every time it goes on', function () {
    // 8 s on, 2 s off, three times and half a fourth: the start takes 3 s of each.
    $out = outage(34, [['leg' => 'A', 'run_w' => 1200, 'start_w' => 6000, 'start_s' => 3, 'on_s' => 8, 'off_s' => 2]]);
    expect($out['starts'])->toBe(4)->and($out['peak_a_amps'])->toEqualWithDelta(50.0, 1e-9)
        ->and($out['peak_b_amps'])->toEqualWithDelta(0.0, 1e-9)
        ->and($out['energy_kwh'])->toEqualWithDelta((4 * 3 * 6000 + (3 * 5 + 1) * 1200) / 3.6e6, 1e-12)
        ->and($out['over_surge_s'])->toEqualWithDelta(12, 1e-9);

    $short = outage(10, [['leg' => 'A', 'run_w' => 1200, 'start_w' => 6000, 'start_s' => 3, 'on_s' => 2, 'off_s' => 8]]);
    expect($short['energy_kwh'])->toEqualWithDelta(2 * 6000 / 3.6e6, 1e-12);
});

it('is off in the second in which it goes off: one that begins there is not beside it', function (float $off, float $on) {
    $out = outage(10, [
        ['leg' => 'A', 'run_w' => 1200, 'on_s' => 1, 'off_s' => 0, 'to_s' => $off],
        ['leg' => 'A', 'run_w' => 1200, 'on_s' => 1, 'off_s' => 0, 'from_s' => $on],
    ]);
    expect($out['peak_a_amps'])->toEqualWithDelta(10.0, 1e-9)->and($out['peak_a_at_s'])->toEqualWithDelta(0.0, 1e-9)
        ->and($out['energy_kwh'])->toEqualWithDelta(12_000 / 3.6e6, 1e-12);
})->with(['whole seconds' => [4, 4], 'the same second, written in two ways' => [0.1 + 0.2, 0.3]]);

it('never goes on where its part of the time is none', function (array $part) {
    $out = outage(100, [['leg' => 'AB', 'run_w' => 1000, 'on_s' => 10, 'off_s' => 10, ...$part]]);
    expect($out['starts'])->toBe(0)->and($out['energy_kwh'])->toEqualWithDelta(0.0, 1e-12)
        ->and($out['fuel'])->toEqualWithDelta(0.4 * 100 / 3600, 1e-12);
})->with([
    'from its end on' => [['from_s' => 50, 'to_s' => 50]], 'after its end' => [['from_s' => 60, 'to_s' => 50]],
    'after the outage' => [['from_s' => 100]], 'its first cycle after its end' => [['offset_s' => 50, 'to_s' => 50]],
    'no seconds on' => [['on_s' => 0]],
]);

it('is on all the time with no seconds off, whatever the seconds on', function (int $on) {
    $out = outage(100, [['leg' => 'AB', 'run_w' => 2400, 'on_s' => $on, 'off_s' => 0, 'from_s' => 20]]);
    expect($out['starts'])->toBe(1)->and($out['energy_kwh'])->toEqualWithDelta(80 * 2400 / 3.6e6, 1e-12)
        ->and($out['peak_b_at_s'])->toEqualWithDelta(20.0, 1e-9);
})->with([0, 10]);

it('tells the earliest of equal peaks', function () {
    $out = outage(1000, [
        ['leg' => 'A', 'run_w' => 600, 'on_s' => 10, 'off_s' => 90, 'offset_s' => 30],
        ['leg' => 'A', 'run_w' => 1200, 'pf' => 0.3, 'on_s' => 10, 'off_s' => 190, 'offset_s' => 230],
    ]);
    expect($out['peak_a_at_s'])->toEqualWithDelta(230.0, 1e-9)->and($out['peak_a_amps'])->toEqualWithDelta(5 + 100 / 3, 1e-9);
});

it('keeps a leg at just its limit out of the time over it', function (float $watts, int $over) {
    expect(outage(60, [['leg' => 'B', 'run_w' => $watts, 'on_s' => 60, 'off_s' => 0]])['over_run_s'])->toEqualWithDelta($over, 1e-9);
})->with(['just the limit' => [3600, 0], 'a watt more' => [3601, 60]]);

it('counts the hours of the clock, a last part of one as far as it goes, in however few changes', function () {
    // On from half past the first hour to the end at 2:30: whole hours are 1:00 to 2:00, and the rest is half of one.
    $out = outage(9000, [['leg' => 'AB', 'run_w' => 4000, 'on_s' => 1, 'off_s' => 0, 'from_s' => 1800]]);
    expect($out['busiest_hour_kwh'])->toEqualWithDelta(4.0, 1e-9)
        ->and(outage(900, [['leg' => 'AB', 'run_w' => 4000, 'on_s' => 1, 'off_s' => 0]])['busiest_hour_kwh'])->toEqualWithDelta(1.0, 1e-9);
});

it('burns on the same line above full load', function () {
    $out = outage(3600, [['leg' => 'AB', 'run_w' => 14_400, 'on_s' => 1, 'off_s' => 0]]);
    expect($out['fuel'])->toEqualWithDelta(0.4 + 2 * 0.8, 1e-9);
});

it('idles with nothing on', function () {
    $out = outage(7200, []);
    expect($out['fuel'])->toEqualWithDelta(0.8, 1e-9)->and($out['starts'])->toBe(0)->and($out['mean_w'])->toEqualWithDelta(0.0, 1e-12);
});

it('does not step through the seconds: thirty years with one change a day are done at once', function () {
    $begun = hrtime(true);
    $out = outage(946_080_000, [['leg' => 'A', 'run_w' => 1000, 'on_s' => 3600, 'off_s' => 82_800]]);
    expect($out['starts'])->toBe(10_950)->and($out['busiest_hour_kwh'])->toEqualWithDelta(1.0, 1e-6)
        ->and((hrtime(true) - $begun) / 1e9)->toBeLessThan(2.0);
});

it('refuses by field', function (array $case, string $field) {
    $load = ['id' => 'a', 'leg' => 'A', 'run_w' => 100, 'on_s' => 1, 'off_s' => 1];
    $whole = ['duration_s' => 100, 'loads' => [$load], 'generator' => MACHINE];
    $case['loads'] = array_map(fn (array $one): array => [...$load, ...$one], $case['loads'] ?? [[]]);
    expect(faultOf('simulate', [...$whole, ...$case]))->toBe($field);
})->with([
    [['duration_s' => 0], 'duration_s'], [['generator' => ['run_w' => 0] + MACHINE], 'generator.run_w'],
    [['generator' => null], 'generator'], [['generator' => ['run_w' => 7200]], 'generator.surge_w'],
    [['loads' => [['leg' => 'C']]], 'loads.0.leg'], [['loads' => [['pf' => 0]]], 'loads.0.pf'],
    [['loads' => [['pf' => 1.1]]], 'loads.0.pf'],
    [['loads' => [[], []]], 'loads.1.id'], [['loads' => [['on_s' => null]]], 'loads.0.on_s'],
    [['loads' => [['off_s' => -1]]], 'loads.0.off_s'], [['loads' => [['start' => 1]]], 'loads.0.start'],
    'more changes than are taken' => [['duration_s' => 6_000_000], 'duration_s'],
    'ever shorter cycles' => [['loads' => [['on_s' => 1e-9, 'off_s' => 1e-9]]], 'duration_s'],
]);

<?php

declare(strict_types=1);

namespace Tests\Core\TurnsTest;

use Underpin\Legs\Leg;
use Underpin\Sizing\Turns\Room;
use Underpin\Sizing\Turns\Timetable;
use Underpin\Sizing\Turns\TurnLoad;
use Underpin\Sizing\Turns\Turns;

use function Tests\calc;
use function Tests\faultOf;

/** @return list<string> what is wrong with a timetable, looked at minute by minute of slots of fifteen */
function faults(Timetable $table, float $limitA, float $limitB, float $baseA, float $baseB, int $slots): array
{
    $faults = [];
    $wasOn = $ran = $runs = [];
    for ($minute = 0; $minute <= $slots * 15; $minute++) {
        $a = $baseA;
        $b = $baseB;
        foreach ($table->served as $i => $load) {
            $isOn = false;
            foreach ($table->runs[$i] as [$from, $to]) {
                $isOn = $isOn || $minute >= $from * 15 && $minute < $to * 15;
            }
            $a += $isOn && $load->leg !== Leg::B ? max($load->aAmps, $load->bAmps) : 0;
            $b += $isOn && $load->leg !== Leg::A ? max($load->aAmps, $load->bAmps) : 0;
            if ($isOn && ($minute < $load->fromSlot * 15 || $minute >= $load->toSlot * 15)) {
                $faults[] = "$load->id is on at minute $minute";
            }
            $ran[$i] = ($ran[$i] ?? 0) + ($isOn ? 1 : 0);
            $runs[$i] = ($wasOn[$i] ?? false) || $isOn ? ($runs[$i] ?? 0) + ($isOn ? 1 : 0) : 0;
            if (($wasOn[$i] ?? false) && ! $isOn) {
                if ($runs[$i] < $load->blockSlots * 15) {
                    $faults[] = "$load->id had a run of $runs[$i] minutes";
                }
                $runs[$i] = 0;
            }
            $wasOn[$i] = $isOn;
        }
        if ($a > $limitA + 1e-6 || $b > $limitB + 1e-6) {
            $faults[] = "minute $minute: $a A and $b A";
        }
    }
    foreach ($table->served as $i => $load) {
        if ($ran[$i] !== $load->needSlots * 15) {
            $faults[] = "$load->id ran for $ran[$i] minutes";
        }
    }

    return $faults;
}

/** @return list<int> every way in which a load may be on, as bits of the slots */
function ways(TurnLoad $load, int $slots): array
{
    $ways = [];
    for ($bits = 1; $bits < 1 << $slots; $bits++) {
        $on = array_keys(array_filter(str_split(strrev(decbin($bits))), fn (string $bit): bool => $bit === '1'));
        if (count($on) !== $load->needSlots || $on[0] < $load->fromSlot || end($on) >= $load->toSlot) {
            continue;
        }
        preg_match_all('/1+/', decbin($bits), $runs);
        if (min(array_map(strlen(...), $runs[0])) >= $load->blockSlots) {
            $ways[] = $bits;
        }
    }

    return $ways;
}

/**
 * Every way of every load, one after the other.
 *
 * @param  list<TurnLoad>  $loads
 * @param  list<array{float, float}>  $used  amperes in each slot
 */
function byBruteForce(array $loads, array $used, float $limitA, float $limitB): float
{
    if ($loads === []) {
        return 0.0;
    }
    $load = $loads[0];
    $rest = array_slice($loads, 1);
    $best = byBruteForce($rest, $used, $limitA, $limitB);
    foreach (ways($load, count($used)) as $bits) {
        $with = $used;
        $fits = true;
        foreach ($used as $slot => [$a, $b]) {
            if (($bits >> $slot & 1) === 1) {
                $with[$slot] = [$a + $load->aAmps, $b + $load->bAmps];
                $fits = $fits && $with[$slot][0] <= $limitA + 1e-9 && $with[$slot][1] <= $limitB + 1e-9;
            }
        }
        $best = $fits ? max($best, $load->worth + byBruteForce($rest, $with, $limitA, $limitB)) : $best;
    }

    return $best;
}

/** @return list<TurnLoad> */
function someLoads(int $seed, int $count, int $slots, int $mostAmps): array
{
    mt_srand($seed);
    $loads = [];
    for ($i = 0; $i < $count; $i++) {
        $from = mt_rand(0, 2) === 0 ? mt_rand(0, intdiv($slots, 2)) : 0;
        $to = mt_rand(0, 2) === 0 ? mt_rand($from + 2, $slots) : $slots;
        $block = mt_rand(1, min(3, $to - $from));
        $loads[] = new TurnLoad(
            "l$i", Leg::cases()[mt_rand(0, 2)], mt_rand(4, $mostAmps * 4) / 4, mt_rand($block, max($block, (int) (($to - $from) * 0.7))),
            $from, $to, $block, mt_rand(1, 9),
        );
    }

    return $loads;
}

it('serves as much as trying everything does', function (int $seed) {
    $slots = 4 + $seed % 3;
    $loads = someLoads($seed, 2 + $seed % 3, $slots, 18);
    $limits = [mt_rand(60, 110) / 4, mt_rand(60, 110) / 4];
    $table = Turns::plan(new Room($slots, $limits[0] + 2, $limits[1], 2), $loads);
    expect($table->worth)->toEqualWithDelta(byBruteForce($loads, array_fill(0, $slots, [0.0, 0.0]), ...$limits), 1e-9)
        ->and($table->isProven)->toBeTrue()
        ->and(faults($table, $limits[0] + 2, $limits[1], 2, 0, $slots))->toBe([]);
})->with(range(1, 60));

it('proves what it says up to six loads over twelve slots', function (int $seed) {
    $loads = someLoads($seed, 6, 12, 20);
    $table = Turns::plan(new Room(12, 24, 24), $loads, 0);
    expect($table->isProven)->toBeTrue()->and(faults($table, 24, 24, 0, 0, 12))->toBe([]);
})->with(range(1, 40));

/**
 * Loads that fill both legs to the last ampere in every slot: lanes beside each other, in each of which its loads take turns.
 *
 * @return array{list<TurnLoad>, float, float}
 */
function fullLanes(int $seed, int $slots): array
{
    mt_srand($seed);
    $loads = [];
    $limits = [0.0, 0.0];
    for ($lane = 0; $lane < 5; $lane++) {
        $leg = Leg::cases()[mt_rand(0, 2)];
        $amps = mt_rand(8, 60) / 4;
        $limits[0] += $leg->onA() ? $amps : 0;
        $limits[1] += $leg->onB() ? $amps : 0;
        $who = [];
        for ($slot = 0; $slot < $slots; $slot++) {
            $who[$slot] = $slot % 3 === 0 || $slot === 0 ? mt_rand(0, 3) : $who[$slot - 1];
        }
        foreach (array_count_values($who) as $each => $need) {
            $loads[] = new TurnLoad("$lane-$each", $leg, $amps, $need, 0, $slots, 3);
        }
    }

    return [$loads, ...$limits];
}

it('leaves out no more than one of loads that do fit, however full the legs are', function (int $seed) {
    [$loads, $limitA, $limitB] = fullLanes($seed, 96);
    $table = Turns::plan(new Room(96, $limitA, $limitB), $loads);
    expect(count($loads))->toBeGreaterThan(17)
        ->and(count($table->unserved))->toBeLessThanOrEqual(1)
        ->and(faults($table, $limitA, $limitB, 0, 0, 96))->toBe([])
        ->and($table->isProven)->toBe($table->unserved === [])
        ->and(max($table->peakAAmps - $limitA, $table->peakBAmps - $limitB))->toBeLessThanOrEqual(1e-9);
})->with(range(1, 4));

it('gives the same answer each time, and a worse one for fewer steps only', function () {
    $loads = someLoads(5, 20, 48, 20);
    $of = fn (int $steps): Timetable => Turns::plan(new Room(48, 40, 40), $loads, $steps);
    expect($of(400_000))->toEqual($of(400_000))
        ->and($of(400_000)->worth)->toBeGreaterThanOrEqual($of(1)->worth)
        ->and($of(1)->worth)->toBeGreaterThan(0)
        ->and(faults($of(1), 40, 40, 0, 0, 48))->toBe([]);
});

it('lets the more worthy of two that clash be on, and proves it beside loads of any number', function () {
    $loads = [new TurnLoad('small', Leg::A, 12, 60, 0, 96, 1, 2), new TurnLoad('large', Leg::AB, 14, 60, 0, 96, 1, 3),
        ...array_map(fn (int $i): TurnLoad => new TurnLoad("l$i", Leg::B, 1, 20, 0, 96), range(1, 9))];
    $table = Turns::plan(new Room(96, 24, 24), $loads);
    expect(array_map(fn (TurnLoad $load): string => $load->id, $table->unserved))->toBe(['small'])
        ->and($table->isProven)->toBeTrue();
});

it('answers by the contract', function () {
    $out = calc('turns', ['slots' => 4, 'limit_a_amps' => 20, 'limit_b_amps' => 20, 'base_a_amps' => 3, 'loads' => [
        ['id' => 'well', 'leg' => 'AB', 'amps' => 10, 'need_slots' => 1, 'from_slot' => 2],
        ['id' => 'milk', 'leg' => 'AB', 'amps' => 12, 'need_slots' => 3, 'block_slots' => 3, 'worth' => 2],
        ['id' => 'sauna', 'leg' => 'A', 'amps' => 18, 'need_slots' => 1],
    ]]);
    expect($out)->toEqual([
        'served' => ['well', 'milk'], 'unserved' => ['sauna'], 'worth' => 3.0,
        'plan' => [['id' => 'well', 'on' => [[3, 4]]], ['id' => 'milk', 'on' => [[0, 3]]]],
        'peak_a_amps' => 15.0, 'peak_b_amps' => 12.0, 'proven' => true,
    ])->and(calc('turns', ['slots' => 1, 'limit_a_amps' => 0, 'limit_b_amps' => 0, 'loads' => []]))->toEqual([
        'served' => [], 'unserved' => [], 'worth' => 0.0, 'plan' => [], 'peak_a_amps' => 0.0, 'peak_b_amps' => 0.0, 'proven' => true,
    ]);
});

it('refuses by field', function (array $change, array $load, string $field) {
    $in = [...['slots' => 8, 'limit_a_amps' => 20, 'limit_b_amps' => 20, 'loads' => [
        ['id' => 'a', 'leg' => 'A', 'amps' => 5, 'need_slots' => 2],
        [...['id' => 'b', 'leg' => 'B', 'amps' => 5, 'need_slots' => 2], ...$load],
    ]], ...$change];
    expect(faultOf('turns', $in))->toBe($field);
})->with([
    'base over its limit' => [['base_b_amps' => 20.1], [], 'base_b_amps'],
    'more needed than there is' => [[], ['from_slot' => 3, 'to_slot' => 6, 'need_slots' => 4], 'loads.1.need_slots'],
    'less needed than a block' => [[], ['block_slots' => 3], 'loads.1.need_slots'],
    'nothing needed' => [[], ['need_slots' => 0], 'loads.1.need_slots'],
    'ends before it begins' => [[], ['from_slot' => 4, 'to_slot' => 4], 'loads.1.from_slot'],
    'begins after the end' => [[], ['from_slot' => 8], 'loads.1.from_slot'],
    'ends after the end' => [[], ['to_slot' => 9], 'loads.1.to_slot'],
    'too many slots' => [['slots' => 289], [], 'slots'],
    'part of a slot' => [[], ['need_slots' => 1.5], 'loads.1.need_slots'],
    'twice the same' => [[], ['id' => 'a'], 'loads.1.id'],
]);

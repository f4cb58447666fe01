<?php

declare(strict_types=1);

namespace Tests\Core\LegBalancerTest;

use Underpin\Legs\Leg;
use Underpin\Legs\LegBalancer;
use Underpin\Refused;

use function Tests\calc;
use function Tests\faultOf;

/**
 * Every layout, one after the other.
 *
 * @param  list<array{amps: float, leg: ?Leg}>  $circuits
 * @return ?float the least difference; null: no layout has places enough
 */
function leastDifference(array $circuits, int $most): ?float
{
    $best = null;
    for ($layout = 0; $layout < 1 << count($circuits); $layout++) {
        $a = $b = 0.0;
        $countA = $countB = 0;
        foreach ($circuits as $i => $circuit) {
            $leg = ($layout >> $i & 1) === 1 ? Leg::A : Leg::B;
            if ($circuit['leg'] !== null && $circuit['leg'] !== Leg::AB && $circuit['leg'] !== $leg) {
                continue 2;
            }
            $both = $circuit['leg'] === Leg::AB;
            $a += $both || $leg === Leg::A ? $circuit['amps'] : 0;
            $b += $both || $leg === Leg::B ? $circuit['amps'] : 0;
            $countA += ! $both && $leg === Leg::A ? 1 : 0;
            $countB += ! $both && $leg === Leg::B ? 1 : 0;
        }
        if ($countA <= $most && $countB <= $most && ($best === null || abs($a - $b) < $best)) {
            $best = abs($a - $b);
        }
    }

    return $best;
}

it('finds what trying every layout finds, with fixed circuits and few places', function (int $seed) {
    mt_srand($seed);
    $circuits = [];
    for ($i = 0; $i < 1 + $seed % 10; $i++) {
        $circuits[] = ['amps' => mt_rand(0, 80) / 4, 'leg' => [null, null, null, Leg::A, Leg::B, Leg::AB][mt_rand(0, 5)]];
    }
    $most = mt_rand(0, 6);
    $least = leastDifference($circuits, $most);
    try {
        $places = LegBalancer::balance($circuits, $most);
    } catch (Refused $refused) {
        expect($refused->field)->toBe('max_per_leg')->and($least)->toBeNull();

        return;
    }
    $on = fn (Leg $leg): int => count(array_filter($places->legs, fn (Leg $each): bool => $each === $leg));
    expect($places->differenceAmps())->toEqualWithDelta($least, 1e-9)
        ->and($on(Leg::A))->toBeLessThanOrEqual($most)
        ->and($on(Leg::B))->toBeLessThanOrEqual($most);
    foreach ($circuits as $i => $circuit) {
        expect($circuit['leg'] ?? $places->legs[$i])->toBe($places->legs[$i]);
    }
})->with(range(1, 150));

it('answers 24 free circuits at once, with nothing left over where that can be', function () {
    $circuits = array_map(fn (int $i): array => ['id' => "c$i", 'amps' => $i + 0.5], range(1, 24));
    $out = calc('assign-legs', ['circuits' => $circuits, 'max_per_leg' => 12]);
    expect($out['difference_amps'])->toBe(0.0)
        ->and($out['a_amps'])->toBe(156.0)
        ->and(array_count_values((array) $out['legs']))->toBe(['B' => 12, 'A' => 12]);
});

it('keeps what is fixed, loads both legs with a two-pole, and gives every id back', function () {
    $out = calc('assign-legs', ['circuits' => [
        ['id' => '7', 'amps' => 10, 'leg' => 'A'], ['id' => '007', 'amps' => 6], ['id' => 'pump', 'amps' => 9, 'leg' => 'AB'],
    ], 'max_per_leg' => 1]);
    expect(json_encode($out['legs']))->toBe('{"7":"A","007":"B","pump":"AB"}')
        ->and([$out['a_amps'], $out['b_amps'], $out['difference_amps']])->toBe([19.0, 15.0, 4.0])
        ->and(json_encode(calc('assign-legs', ['circuits' => []])['legs']))->toBe('{}');
});

it('refuses by field', function (array $input, string $field) {
    expect(faultOf('assign-legs', $input))->toBe($field);
})->with([
    'places do not suffice' => [['circuits' => [['id' => 'a', 'amps' => 1]], 'max_per_leg' => 0], 'max_per_leg'],
    'fixed ones alone are too many' => [
        ['circuits' => [['id' => 'a', 'amps' => 1, 'leg' => 'A'], ['id' => 'b', 'amps' => 1, 'leg' => 'A']], 'max_per_leg' => 1],
        'max_per_leg',
    ],
    'half a place' => [['circuits' => [], 'max_per_leg' => 1.5], 'max_per_leg'],
    'too many' => [['circuits' => array_map(fn (int $i): array => ['id' => "c$i", 'amps' => 1], range(1, 25))], 'circuits'],
    'no such leg' => [['circuits' => [['id' => 'a', 'amps' => 1, 'leg' => 'C']]], 'circuits.0.leg'],
]);

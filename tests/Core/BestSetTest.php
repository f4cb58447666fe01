<?php

declare(strict_types=1);

namespace Tests\Core\BestSetTest;

use Underpin\Legs\Leg;
use Underpin\Refused;
use Underpin\Sizing\BestSet;
use Underpin\Sizing\Candidate;

use function Tests\calc;

/**
 * Every set, one after the other.
 *
 * @param  list<Candidate>  $loads
 * @return array{float, float} highest worth, and the lowest worst leg that has it
 */
function byBruteForce(float $limitA, float $limitB, array $loads): array
{
    $best = [0.0, 0.0];
    for ($set = 1; $set < 1 << count($loads); $set++) {
        $worth = $a = $b = 0.0;
        foreach ($loads as $i => $load) {
            if (($set >> $i & 1) === 1) {
                $worth += $load->worth;
                $a += $load->leg === Leg::B ? 0 : $load->amps;
                $b += $load->leg === Leg::A ? 0 : $load->amps;
            }
        }
        if ($a > $limitA + 1e-9 || $b > $limitB + 1e-9) {
            continue;
        }
        if ($worth > $best[0] + 1e-9 || ($worth > $best[0] - 1e-9 && max($a, $b) < $best[1])) {
            $best = [$worth, max($a, $b)];
        }
    }

    return $best;
}

it('finds what trying everything finds', function (int $seed) {
    mt_srand($seed);
    $loads = [];
    for ($i = 0; $i < 1 + $seed % 11; $i++) {
        $loads[] = new Candidate("l$i", Leg::cases()[mt_rand(0, 2)], mt_rand(0, 60) / 4, mt_rand(0, $seed % 3 === 0 ? 1 : 9));
    }
    $limits = [mt_rand(0, 120) / 4, mt_rand(0, 120) / 4];
    $set = BestSet::choose($limits[0], $limits[1], $loads);
    [$worth, $leg] = byBruteForce($limits[0], $limits[1], $loads);
    expect($set->worth)->toEqualWithDelta($worth, 1e-9)
        ->and(max($set->aAmps, $set->bAmps))->toEqualWithDelta($leg, 1e-9)
        ->and($set->aAmps)->toBeLessThanOrEqual($limits[0] + 1e-9)
        ->and($set->bAmps)->toBeLessThanOrEqual($limits[1] + 1e-9);
})->with(range(1, 120));

it('keeps the input order and allows a hair over the limit', function () {
    $set = BestSet::choose(50 * 0.75 * 0.8, 100, [new Candidate('z', Leg::A, 10, 1), new Candidate('a', Leg::A, 20, 1)]);
    expect($set->ids)->toBe(['z', 'a']);
    expect(BestSet::choose(0.1 + 0.2, 1, [new Candidate('x', Leg::A, 0.3 + 5e-10, 1)])->ids)->toBe(['x']);
    expect(BestSet::choose(0.3, 1, [new Candidate('x', Leg::A, 0.3 + 2e-9, 1)])->ids)->toBe([]);
});

it('takes at most 20, within two seconds however awkward', function () {
    $loads = array_map(fn (int $i) => new Candidate("l$i", Leg::cases()[$i % 2], 1 + $i / 1000, 1), range(0, 19));
    $began = hrtime(true);
    $set = BestSet::choose(5.5, 5.5, $loads);
    expect((hrtime(true) - $began) / 1e9)->toBeLessThan(2.0)->and($set->worth)->toBe(10.0);
    expect(
        fn () => BestSet::choose(1, 1, [...$loads, new Candidate('one more', Leg::A, 1, 1)])
    )->toThrow(fn (Refused $r) => expect($r->field)->toBe('loads'));
    expect(fn () => BestSet::choose(-1, 1, []))->toThrow(fn (Refused $r) => expect($r->field)->toBe('limit_a_amps'));
});

it('says the same over the command contract', function () {
    expect(calc('best-set', ['limit_a_amps' => 15, 'limit_b_amps' => 15, 'loads' => [
        ['id' => 'pump', 'leg' => 'AB', 'amps' => 10, 'worth' => 5], ['id' => 'fridge', 'leg' => 'A', 'amps' => 6, 'worth' => 4],
        ['id' => 'lights', 'leg' => 'B', 'amps' => 4, 'worth' => 2],
    ]]))->toBe(['run' => ['pump', 'lights'], 'worth' => 7.0, 'a_amps' => 10.0, 'b_amps' => 14.0]);
    expect(
        calc('best-set', ['limit_a_amps' => 1, 'limit_b_amps' => 1, 'loads' => []])
    )->toBe(['run' => [], 'worth' => 0.0, 'a_amps' => 0.0, 'b_amps' => 0.0]);
});

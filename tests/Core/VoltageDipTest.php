<?php

declare(strict_types=1);

namespace Tests\Core\VoltageDipTest;

use function Tests\calc;
use function Tests\faultOf;

it('divides the voltage between the reactance and the start', function (array $in, float $dip, bool $ok, float $largest) {
    $out = calc('voltage-dip', $in);
    expect($out['dip_pct'])->toEqualWithDelta($dip, 1e-9)->and($out['ok'])->toBe($ok)
        ->and($out['largest_start_kva'])->toEqualWithDelta($largest, 1e-9);
})->with([
    // 0.25 × 10 / 10 = 0.25; 0.25 / 1.25 = 20 %. 30 % is met at 0.3 / 0.7 / 0.25 of 10 kVA.
    'as large as the machine' => [['generator_kva' => 10, 'start_kva' => 10], 20.0, true, 10 * 0.3 / 0.7 / 0.25],
    'twice as large' => [['generator_kva' => 10, 'start_kva' => 20], 100 * 0.5 / 1.5, false, 10 * 0.3 / 0.7 / 0.25],
    'a stiffer machine' => [['generator_kva' => 10, 'transient_reactance_pu' => 0.1, 'start_kva' => 20], 100 * 0.2 / 1.2, true, 300 / 7],
    'no start' => [['generator_kva' => 5, 'start_kva' => 0], 0.0, true, 5 * 0.3 / 0.7 / 0.25],
    'just the limit' => [['generator_kva' => 10, 'start_kva' => 10, 'limit_pct' => 20], 20.0, true, 10.0],
    'no dip is let pass' => [['generator_kva' => 10, 'start_kva' => 1, 'limit_pct' => 0], 100 * 0.025 / 1.025, false, 0.0],
]);

it('is not changed by what runs already', function () {
    $case = ['generator_kva' => 12, 'start_kva' => 9];
    expect(calc('voltage-dip', [...$case, 'running_kva' => 7]))->toBe(calc('voltage-dip', $case));
});

it('just meets the limit with the largest start', function (float $kva, float $x, float $limit) {
    $case = ['generator_kva' => $kva, 'transient_reactance_pu' => $x, 'limit_pct' => $limit];
    $largest = calc('voltage-dip', [...$case, 'start_kva' => 1])['largest_start_kva'];
    expect(calc('voltage-dip', [...$case, 'start_kva' => $largest])['dip_pct'])->toEqualWithDelta($limit, 1e-9)
        ->and(calc('voltage-dip', [...$case, 'start_kva' => $largest])['ok'])->toBeTrue()
        ->and(calc('voltage-dip', [...$case, 'start_kva' => $largest * 1.001])['ok'])->toBeFalse();
})->with([[10.0, 0.25, 30.0], [22.0, 0.12, 15.0], [3.0, 0.4, 99.0]]);

it('refuses by field', function (array $in, string $field) {
    expect(faultOf('voltage-dip', $in + ['generator_kva' => 10, 'start_kva' => 5]))->toBe($field);
})->with([
    [['generator_kva' => 0], 'generator_kva'], [['transient_reactance_pu' => 0], 'transient_reactance_pu'],
    [['limit_pct' => 100], 'limit_pct'], [['start_kva' => -1], 'start_kva'], [['running_kva' => -1], 'running_kva'],
    [['limit_pct' => -1], 'limit_pct'], [['start_kw' => 3], 'start_kw'], [['start_kva' => '5'], 'start_kva'],
]);

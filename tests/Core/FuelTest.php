<?php

declare(strict_types=1);

namespace Tests\Core\FuelTest;

use Underpin\Fuel\GasPipe;
use Underpin\Fuel\PipedGas;
use Underpin\Fuel\RunTime;
use Underpin\Fuel\TankVapour;
use Underpin\Refused;

use function Tests\calc;
use function Tests\faultOf;

it('carries what the published table says, or up to 2.5 % more', function (string $fuel, float $ft, array $published) {
    $out = (array) calc('gas-pipe', ['fuel' => $fuel, 'load_btuh' => 1, 'length_ft' => $ft])['table'];
    foreach ($published as $size => $cfh) {
        expect($out[$size] / $cfh)->toBeGreaterThan(0.985)->toBeLessThan(1.025);
    }
})->with([
    // NFPA 54, schedule 40, under 2 psi, 0.5 in of water, gravity 0.60: cubic feet an hour
    ['natural', 10.0, ['1/2' => 172, '3/4' => 360, '1' => 678, '1-1/4' => 1390, '1-1/2' => 2090, '2' => 4020, '3' => 11300, '4' => 23100]],
    ['natural', 40.0, ['1/2' => 81, '3/4' => 170, '1' => 320, '1-1/4' => 657, '1-1/2' => 985, '2' => 1900, '2-1/2' => 3020, '4' => 10900]],
    ['natural', 100.0, ['1/2' => 50, '3/4' => 104, '1' => 195, '1-1/4' => 400, '1-1/2' => 600, '2' => 1160, '3' => 3260]],
    // the table of undiluted propane, 11 in of water, 0.5 lost: thousands of BTU an hour, 2,500 BTU a cubic foot
    ['propane', 10.0, ['1/2' => 291 / 2.5, '3/4' => 608 / 2.5, '1' => 1150 / 2.5, '1-1/4' => 2350 / 2.5]],
    ['propane', 60.0, ['1/2' => 110 / 2.5, '3/4' => 231 / 2.5, '1' => 434 / 2.5, '1-1/4' => 892 / 2.5]],
]);

it('takes the smallest that carries the load, and says when it is tight', function () {
    $at = fn (float $btuh): array => calc('gas-pipe', ['fuel' => 'natural', 'load_btuh' => $btuh, 'length_ft' => 60]);
    $one = $at(1)['table']->{'1'};
    expect($at($one * 1000)['smallest'])->toBe('1')->and($at($one * 1000)['tight'])->toBeTrue()
        ->and($at($one * 1000 * 1.000001)['smallest'])->toBe('1-1/4')
        ->and($at($one * 1000 * 0.97)['tight'])->toBeFalse()->and($at($one * 1000 * 0.9701)['tight'])->toBeTrue()
        ->and($at($one * 1000)['capacity_cfh'])->toBe($one)->and($at(200_000)['load_cfh'])->toBe(200.0)
        ->and($at(0)['smallest'])->toBe('1/2');
});

it('turns the formula round: the diameter that it asks for is that of the pipe', function (string $size, float $inches) {
    $cfh = GasPipe::of(PipedGas::Propane, 1, 85, 0.4)->capacitiesCfh[$size];
    expect($cfh ** 0.381 / (19.17 * (0.4 / (1.2462 * 85)) ** 0.206))->toEqualWithDelta($inches, 1e-9);
})->with([['1/2', 0.622], ['3/4', 0.824], ['1', 1.049], ['1-1/4', 1.380], ['2', 2.067], ['2-1/2', 2.469], ['4', 4.026]]);

it('burns along a straight line from no load to full load', function () {
    $case = ['stored' => 8, 'idle_per_h' => 0.3, 'full_per_h' => 1.1, 'rated_w' => 8000, 'load_w' => 2000];
    expect(calc('runtime', $case)['burn_per_h'])->toEqualWithDelta(0.5, 1e-12)
        ->and(calc('runtime', $case)['hours'])->toEqualWithDelta(16.0, 1e-12)
        ->and(calc('runtime', [...$case, 'usable_pct' => 80])['hours'])->toEqualWithDelta(12.8, 1e-12)
        ->and(calc('runtime', [...$case, 'load_w' => 8000])['burn_per_h'])->toEqualWithDelta(1.1, 1e-12)
        ->and(calc('runtime', [...$case, 'load_w' => 0])['burn_per_h'])->toEqualWithDelta(0.3, 1e-12)
        ->and(calc('runtime', [...$case, 'idle_per_h' => 0, 'full_per_h' => 0])['hours'])->toBeNull();
});

it('boils off by the table, on the line between its points', function (float $fill, float $air, float $factor) {
    expect(calc('tank-vapour', ['diameter_in' => 24, 'length_in' => 100, 'fill_pct' => $fill, 'ambient_f' => $air])['btuh'])
        ->toEqualWithDelta(2400 * $factor, 1e-6);
})->with([
    'at a point' => [60, 20, 100 * 2.0], 'the coldest, the emptiest' => [10, -15, 45 * 0.25], 'above the table' => [85, 70, 100 * 2.0],
    'between two fills' => [15, 0, 52.5], 'between two colds' => [30, -12.5, 70 * 0.375], 'between both' => [55, 7.5, 95 * 1.375],
]);

it('refuses by field', function (string $calculator, array $case, string $field) {
    expect(faultOf($calculator, $case))->toBe($field);
})->with([
    ['gas-pipe', ['fuel' => 'natural', 'load_btuh' => 1e8, 'length_ft' => 60], 'load_btuh'],
    ['gas-pipe', ['fuel' => 'natural', 'load_btuh' => 1, 'length_ft' => 0], 'length_ft'],
    ['gas-pipe', ['fuel' => 'natural', 'load_btuh' => 1, 'length_ft' => 1, 'drop_inwc' => 0], 'drop_inwc'],
    ['gas-pipe', ['fuel' => 'natural', 'load_btuh' => 1, 'length_ft' => 1, 'btu_per_ft3' => 0], 'btu_per_ft3'],
    ['gas-pipe', ['fuel' => 'gasoline', 'load_btuh' => 1, 'length_ft' => 1], 'fuel'],
    ['runtime', ['stored' => 1, 'idle_per_h' => 1, 'full_per_h' => 2, 'rated_w' => 0, 'load_w' => 0], 'rated_w'],
    ['runtime', ['stored' => 1, 'idle_per_h' => 1, 'full_per_h' => 2, 'rated_w' => 10, 'load_w' => 11], 'load_w'],
    ['runtime', ['stored' => 1, 'idle_per_h' => 2, 'full_per_h' => 1, 'rated_w' => 10, 'load_w' => 1], 'full_per_h'],
    ['runtime', ['stored' => 1, 'usable_pct' => 101, 'idle_per_h' => 1, 'full_per_h' => 2, 'rated_w' => 10, 'load_w' => 1], 'usable_pct'],
    ['tank-vapour', ['diameter_in' => 24, 'length_in' => 100, 'fill_pct' => 9.9, 'ambient_f' => 0], 'fill_pct'],
    ['tank-vapour', ['diameter_in' => 24, 'length_in' => 100, 'fill_pct' => 101, 'ambient_f' => 0], 'fill_pct'],
    ['tank-vapour', ['diameter_in' => 24, 'length_in' => 100, 'fill_pct' => 50, 'ambient_f' => -15.1], 'ambient_f'],
]);

it('keeps its own limits where no form stands before it', function (callable $ask, string $field) {
    expect($ask)->toThrow(fn (Refused $refused) => expect($refused->field)->toBe($field));
})->with([
    'a rating of 0' => [fn () => RunTime::of(1, 1, 2, 0, 0), 'rated_w'],
    'more than all' => [fn () => RunTime::of(1, 1, 2, 10, 1, 101), 'usable_pct'],
    'an empty tank' => [fn () => TankVapour::btuh(24, 100, 5, 0), 'fill_pct'],
    'a colder day' => [fn () => TankVapour::btuh(24, 100, 50, -20), 'ambient_f'],
]);

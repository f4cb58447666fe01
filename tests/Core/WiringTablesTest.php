<?php

declare(strict_types=1);

use Underpin\Codebook\BreakerSizes;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\ConductorTable;
use Underpin\Codebook\Material;
use Underpin\Wiring\VoltageDrop;

use function Tests\calc;
use function Tests\faultOf;

// Rows of NEC 2023 Table 310.16 and Chapter 9 Table 8, typed a second time from the tables.
it('has the published ampacities', function (string $material, string $size, array $amps) {
    foreach ([60, 75, 90] as $i => $column) {
        expect(ConductorTable::ampacity(Material::from($material), ConductorSize::from($size), $column))->toBe((float) $amps[$i]);
    }
})->with([
    ['cu', '14', [15, 20, 25]], ['cu', '12', [20, 25, 30]], ['cu', '10', [30, 35, 40]], ['cu', '8', [40, 50, 55]],
    ['cu', '6', [55, 65, 75]],
    ['cu', '4', [70, 85, 95]], ['cu', '3', [85, 100, 115]], ['cu', '2', [95, 115, 130]], ['cu', '1', [110, 130, 145]],
    ['cu', '1/0', [125, 150, 170]],
    ['cu', '2/0', [145, 175, 195]], ['cu', '3/0', [165, 200, 225]], ['cu', '4/0', [195, 230, 260]], ['cu', '250', [215, 255, 290]],
    ['cu', '300', [240, 285, 320]], ['cu', '350', [260, 310, 350]], ['cu', '400', [280, 335, 380]], ['cu', '500', [320, 380, 430]],
    ['al', '12', [15, 20, 25]], ['al', '10', [25, 30, 35]], ['al', '8', [35, 40, 45]], ['al', '6', [40, 50, 55]], ['al', '4', [55, 65, 75]],
    ['al', '2', [75, 90, 100]], ['al', '1/0', [100, 120, 135]], ['al', '2/0', [115, 135, 150]], ['al', '4/0', [150, 180, 205]],
    ['al', '250', [170, 205, 230]], ['al', '300', [195, 230, 260]], ['al', '350', [210, 250, 280]], ['al', '500', [260, 310, 350]],
]);

it('rises with the size and falls with the temperature everywhere', function (Material $material) {
    foreach ([60, 75, 90] as $column) {
        $last = 0.0;
        $lastOhms = INF;
        foreach (array_filter(ConductorSize::cases(), fn ($s) => ConductorTable::has($material, $s)) as $size) {
            expect(ConductorTable::ampacity($material, $size, $column))->toBeGreaterThan($last)
                ->and(ConductorTable::ohmsPer1000Ft($material, $size))->toBeLessThan($lastOhms);
            [$last, $lastOhms] = [ConductorTable::ampacity($material, $size, $column), ConductorTable::ohmsPer1000Ft($material, $size)];
        }
    }
})->with(Material::cases());

it('applies ambient, bundling, terminals and the small-conductor rule', function (array $in, array $out) {
    expect(calc('ampacity', $in))->toEqualWithDelta($out, 1e-9);
})->with([
    'plain 6 AWG' => [
        ['material' => 'cu', 'size' => '6', 'insulation_c' => 75, 'terminal_c' => 75],
        ['table_a' => 65.0, 'adjusted_a' => 65.0, 'usable_a' => 65.0, 'max_breaker_a' => 70],
    ],
    'terminals bound it' => [
        ['material' => 'cu', 'size' => '6', 'insulation_c' => 90, 'terminal_c' => 60],
        ['table_a' => 75.0, 'adjusted_a' => 75.0, 'usable_a' => 55.0, 'max_breaker_a' => 60],
    ],
    'hot attic, six wires' => [
        ['material' => 'cu', 'size' => '10', 'insulation_c' => 90, 'terminal_c' => 75, 'ambient_c' => 45, 'current_carrying' => 6],
        ['table_a' => 40.0, 'adjusted_a' => 40 * .87 * .8, 'usable_a' => 40 * .87 * .8, 'max_breaker_a' => 30],
    ],
    'a fraction counts above' => [
        ['material' => 'cu', 'size' => '8', 'insulation_c' => 75, 'terminal_c' => 75, 'ambient_c' => 30.5],
        ['table_a' => 50.0, 'adjusted_a' => 47.0, 'usable_a' => 47.0, 'max_breaker_a' => 50],
    ],
    'cold' => [
        ['material' => 'al', 'size' => '4', 'insulation_c' => 75, 'terminal_c' => 75, 'ambient_c' => -20],
        ['table_a' => 65.0, 'adjusted_a' => 78.0, 'usable_a' => 65.0, 'max_breaker_a' => 70],
    ],
    '14 ends at 15 A' => [
        ['material' => 'cu', 'size' => '14', 'insulation_c' => 90, 'terminal_c' => 75],
        ['table_a' => 25.0, 'adjusted_a' => 25.0, 'usable_a' => 20.0, 'max_breaker_a' => 15],
    ],
    'aluminum 10 ends at 25 A' => [
        ['material' => 'al', 'size' => '10', 'insulation_c' => 75, 'terminal_c' => 75],
        ['table_a' => 30.0, 'adjusted_a' => 30.0, 'usable_a' => 30.0, 'max_breaker_a' => 25],
    ],
    'never below 15 A' => [
        ['material' => 'cu', 'size' => '14', 'insulation_c' => 60, 'terminal_c' => 60, 'ambient_c' => 55, 'current_carrying' => 41],
        ['table_a' => 15.0, 'adjusted_a' => 15 * .41 * .35, 'usable_a' => 15 * .41 * .35, 'max_breaker_a' => 15],
    ],
]);

it('refuses what the tables do not have', function (array $change, string $field) {
    expect(
        faultOf('ampacity', [...['material' => 'cu', 'size' => '12', 'insulation_c' => 60, 'terminal_c' => 60], ...$change])
    )->toBe($field);
})->with([
    [['material' => 'al', 'size' => '14'], 'size'], [['size' => '16'], 'size'], [['size' => 12], 'size'],
    [['insulation_c' => 70], 'insulation_c'], [['terminal_c' => 90], 'terminal_c'],
    [['ambient_c' => 55.1], 'ambient_c'], [['current_carrying' => 0], 'current_carrying'],
    [['current_carrying' => 2.5], 'current_carrying'], [['material' => 'Cu'], 'material'],
]);

it('takes the standard sizes of 240.6(A)', function (float $amps, int $size) {
    expect(BreakerSizes::atOrAbove($amps))->toBe($size);
})->with([[0, 15], [15, 15], [15.1, 20], [35, 35], [46, 50], [51, 60], [101, 110], [110.0000000001, 110], [380, 400]]);

it('loses 2 R I L along a run', function () {
    // 10 AWG copper, 24 A over 100 ft: 2 × 1.24 × 24 × 100 / 1000 = 5.952 V of 240 V, 2.48 %
    $drop = VoltageDrop::along(Material::Copper, ConductorSize::Awg10, 100, 24, 240);
    expect($drop->dropV)->toEqualWithDelta(5.952, 1e-9)
        ->and($drop->dropPct)->toEqualWithDelta(2.48, 1e-9)
        ->and($drop->endV)->toEqualWithDelta(234.048, 1e-9);
    expect(
        VoltageDrop::along(Material::Copper, ConductorSize::Awg10, $drop->longestFtAt3Pct, 24, 240)->dropPct
    )->toEqualWithDelta(3.0, 1e-9);
    expect(VoltageDrop::along(Material::Copper, ConductorSize::Awg10, 100, 24, 240, 2)->dropV)->toEqualWithDelta(2.976, 1e-9);
});

it('knows the ends of the scale', function () {
    expect(calc('voltage-drop', ['material' => 'cu', 'size' => '14', 'length_ft' => 50, 'amps' => 0, 'volts' => 120]))
        ->toBe(['drop_v' => 0.0, 'drop_pct' => 0.0, 'end_v' => 120.0, 'longest_ft_at_3_pct' => null]);
    expect(
        calc('voltage-drop', ['material' => 'cu', 'size' => '14', 'length_ft' => 90000, 'amps' => 15, 'volts' => 120])['end_v']
    )->toBe(0.0);
    foreach (['volts' => 0, 'sets' => 0, 'length_ft' => -1, 'amps' => -1] as $field => $value) {
        expect(
            faultOf('voltage-drop', ['material' => 'cu', 'size' => '14', 'length_ft' => 1, 'amps' => 1, 'volts' => 120, $field => $value])
        )->toBe($field);
    }
    expect(faultOf('voltage-drop', ['material' => 'al', 'size' => '14', 'length_ft' => 1, 'amps' => 1, 'volts' => 120]))->toBe('size');
});

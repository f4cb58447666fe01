<?php

declare(strict_types=1);

namespace Tests\Core\ConduitFillTest;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Conduit;
use Underpin\Codebook\ThhnAreas;
use Underpin\Codebook\TradeSize;
use Underpin\Wiring\ConduitFill;

use function Tests\calc;
use function Tests\faultOf;

it('has the areas of Table 4: its column of 40 % beside that of 100 %', function (string $conduit, array $at40Pct) {
    $areas = array_map(fn (TradeSize $t): ?float => Conduit::from($conduit)->areaIn2($t), TradeSize::cases());
    foreach ($areas as $i => $area) {
        expect($area === null ? null : round($area * 0.4, 3))->toEqualWithDelta($at40Pct[$i], 0.0011);
    }
})->with([
    ['EMT', [0.122, 0.213, 0.346, 0.598, 0.814, 1.342, 2.343, 3.538]],
    ['PVC40', [0.114, 0.203, 0.333, 0.581, 0.794, 1.316, 1.878, 2.907]],
    ['LFNC-B', [0.125, 0.216, 0.349, 0.611, 0.792, 1.298, null, null]],
]);

it('has the areas of Table 5: diameters of the same table, squared', function (string $size, float $diameter) {
    expect(ThhnAreas::in2(ConductorSize::from($size)))->toEqualWithDelta(M_PI * ($diameter / 2) ** 2, 0.0006);
})->with([
    ['14', 0.111], ['12', 0.130], ['10', 0.164], ['8', 0.216], ['6', 0.254], ['4', 0.324], ['3', 0.352], ['2', 0.384], ['1', 0.446],
    ['1/0', 0.486], ['2/0', 0.532], ['3/0', 0.584], ['4/0', 0.642], ['250', 0.711], ['300', 0.766], ['350', 0.817], ['400', 0.864],
    ['500', 0.949],
]);

it('holds as many as Annex C counts, or one less where that uses Note 7', function (string $conduit, string $trade, string $size, int $n) {
    $fits = fn (int $count): bool => calc('conduit-fill', [
        'conduit' => $conduit, 'trade' => $trade, 'conductors' => [['size' => $size, 'count' => $count]],
    ])['ok'];
    expect($fits($n - 1))->toBeTrue()->and($fits($n + 1))->toBeFalse();
})->with([
    ['EMT', '1/2', '12', 9], ['EMT', '3/4', '12', 16], ['EMT', '3/4', '10', 10], ['EMT', '1', '6', 6], ['EMT', '2', '2/0', 6],
    ['PVC40', '1/2', '12', 8], ['PVC40', '1', '8', 9], ['PVC40', '2', '4/0', 4],
]);

it('changes its limit with the number of conductors', function (array $conductors, float $limit, float $fill) {
    $out = calc('conduit-fill', ['conduit' => 'EMT', 'trade' => '3/4', 'conductors' => $conductors]);
    expect($out['limit_pct'])->toBe($limit)
        ->and($out['fill_in2'])->toEqualWithDelta($fill, 1e-9)
        ->and($out['fill_pct'])->toEqualWithDelta(100 * $fill / 0.533, 1e-9)
        ->and($out['ok'])->toBe(100 * $fill / 0.533 <= $limit);
})->with([
    'one' => [[['size' => '2', 'count' => 1]], 53.0, 0.1158],
    'two, and too full' => [[['size' => '4', 'count' => 2]], 31.0, 0.1648],
    'two sizes' => [[['size' => '6', 'count' => 1], ['size' => '10', 'count' => 1]], 31.0, 0.0718],
    'a feeder with its ground' => [[['size' => '6', 'count' => 3], ['size' => '10', 'count' => 1]], 40.0, 0.1732],
]);

it('names the smallest that holds them, or none', function () {
    $feeder = [[ConductorSize::Awg6, 3], [ConductorSize::Awg10, 1]];
    expect(ConduitFill::smallestFor(Conduit::Emt, $feeder))->toBe(TradeSize::ThreeQuarters)
        ->and(ConduitFill::smallestFor(Conduit::LfncB, [[ConductorSize::Kcmil500, 3]]))->toBeNull()
        ->and(calc('conduit-fill', ['conduit' => 'LFNC-B', 'trade' => '1', 'conductors' => [['size' => '500', 'count' => 3]]]))
        ->toMatchArray(['smallest_trade' => null, 'ok' => false]);
});

it('refuses by field', function (array $changes, string $field) {
    expect(faultOf('conduit-fill', [
        'conduit' => 'EMT', 'trade' => '1', 'conductors' => [['size' => '12', 'count' => 3]], ...$changes,
    ]))->toBe($field);
})->with([
    'LFNC-B ends at 2' => [['conduit' => 'LFNC-B', 'trade' => '2-1/2'], 'trade'],
    'nothing in it' => [['conductors' => []], 'conductors'],
    'none of a size' => [['conductors' => [['size' => '12', 'count' => 0]]], 'conductors.0.count'],
    'half a conductor' => [['conductors' => [['size' => '12', 'count' => 1.5]]], 'conductors.0.count'],
    'no such size' => [['conductors' => [['size' => '600', 'count' => 1]]], 'conductors.0.size'],
    'no such conduit' => [['conduit' => 'RMC'], 'conduit'],
]);

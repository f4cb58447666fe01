<?php

declare(strict_types=1);

namespace Tests\Core\DerateTest;

use Underpin\Refused;
use Underpin\Sizing\Derate;

use function Tests\calc;
use function Tests\faultOf;

it('takes each loss in turn, linear above its free point', function (array $input, float $left, float $height, float $heat) {
    $out = calc('derate', ['rated_w' => 10000, ...$input]);
    expect($out['available_w'])->toEqualWithDelta($left, 1e-6)
        ->and($out['altitude_loss_pct'])->toEqualWithDelta($height, 1e-9)
        ->and($out['temp_loss_pct'])->toEqualWithDelta($heat, 1e-9);
})->with([
    'nothing at the sea on a mild day' => [[], 10000.0, 0.0, 0.0],
    '4,000 ft' => [['altitude_ft' => 4000], 8600.0, 14.0, 0.0],
    '97 °F' => [['ambient_f' => 97], 9800.0, 0.0, 2.0],
    'both, one upon the other' => [['altitude_ft' => 4000, 'ambient_f' => 97], 8428.0, 14.0, 2.0],
    'and a fuel that leaves 90 %' => [['altitude_ft' => 4000, 'ambient_f' => 97, 'fuel_pct' => 90], 7585.2, 14.0, 2.0],
    'its own free points and figures' => [
        ['altitude_ft' => 5000, 'altitude_free_ft' => 3000, 'altitude_pct_per_1000ft' => 4, 'ambient_f' => 107, 'temp_free_f' => 87,
            'temp_pct_per_10f' => 2], 8832.0, 8.0, 4.0,
    ],
    'nothing is won below the sea or in the cold' => [['altitude_ft' => -300, 'ambient_f' => -20], 10000.0, 0.0, 0.0],
    'never more than all of it' => [['altitude_ft' => 40000], 0.0, 100.0, 0.0],
    'heat alone can take all' => [['ambient_f' => 1200, 'temp_pct_per_10f' => 10], 0.0, 0.0, 100.0],
]);

it('refuses by field', function (array $input, string $field) {
    expect(faultOf('derate', $input))->toBe($field);
})->with([
    'no rating' => [['altitude_ft' => 1], 'rated_w'],
    'a negative loss' => [['rated_w' => 1, 'temp_pct_per_10f' => -1], 'temp_pct_per_10f'],
    'a negative share' => [['rated_w' => 1, 'fuel_pct' => -1], 'fuel_pct'],
]);

it('refuses a negative loss in the core as well', function () {
    expect(fn () => Derate::at(0, 77, 0, -1))->toThrow(Refused::class)->and(Derate::at(0, 77, 0, 0)->left())->toBe(1.0);
});

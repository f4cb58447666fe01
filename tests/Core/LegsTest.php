<?php

declare(strict_types=1);

use Underpin\Legs\Draw;
use Underpin\Legs\Leg;
use Underpin\Legs\LegCurrents;
use Underpin\Refused;

it('adds amperes on each leg, 240 V loads on both', function () {
    $legs = LegCurrents::of([
        new Draw('fridge', Leg::A, 600),
        new Draw('boiler', Leg::B, 240, 0.8),
        new Draw('pump', Leg::AB, 1920, 0.8),
    ]);
    expect($legs->aAmps)->toEqualWithDelta(5 + 10, 1e-9)
        ->and($legs->bAmps)->toEqualWithDelta(2.5 + 10, 1e-9)
        ->and($legs->neutralAmps)->toEqualWithDelta(2.5, 1e-9)
        ->and($legs->totalW)->toBe(2760.0)
        ->and($legs->totalVa)->toEqualWithDelta(600 + 300 + 2400, 1e-9)
        ->and($legs->imbalancePct())->toEqualWithDelta(100 * 2.5 / 15, 1e-9)
        ->and($legs->worstLeg())->toBe(Leg::A);
});

it('has nothing to say of an empty house', function () {
    $legs = LegCurrents::of([]);
    expect([$legs->aAmps, $legs->bAmps, $legs->neutralAmps, $legs->imbalancePct()])->toBe([0.0, 0.0, 0.0, 0.0])
        ->and($legs->worstLeg())->toBe(Leg::A);
});

it('lets the neutral carry nothing when 240 V loads alone run', function () {
    expect(LegCurrents::of([new Draw('range', Leg::AB, 5000)])->neutralAmps)->toBe(0.0);
});

it('refuses what cannot be', function (float $watts, float $pf, ?float $volts, string $field) {
    expect(fn () => new Draw('x', Leg::A, $watts, $pf, $volts))->toThrow(fn (Refused $refused) => expect($refused->field)->toBe($field));
})->with([[-1, 1, null, 'watts'], [1, 0, null, 'pf'], [1, 1.5, null, 'pf'], [1, 1, 0, 'volts']]);

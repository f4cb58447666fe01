<?php

declare(strict_types=1);

namespace Tests\Core\ProtectionTest;

use Underpin\Outage\Machine\BreakerCurve;
use Underpin\Outage\Machine\ElectronicLimit;
use Underpin\Outage\Machine\IdleMode;
use Underpin\Outage\Machine\Stalling;

/**
 * The strip of a breaker warmed in small steps, beside the curve that is solved.
 *
 * @param  list<array{float, float}>  $loads  seconds, and amperes of the leg that carries more
 */
function byStrips(array $loads, float $rated): float
{
    $warm = 0.0;
    $at = 0.0;
    foreach ($loads as [$seconds, $amps]) {
        for ($end = $at + $seconds; $at < $end; $at += 0.2) {
            $warm += 0.2 * (($amps / $rated) ** 2 - $warm) / 280;
            if ($warm >= 1.05 ** 2) {
                return $at;
            }
        }
    }

    return INF;
}

it('opens a breaker when its strip is warm, whatever was on before', function (int $seed) {
    mt_srand($seed);
    $loads = array_map(fn (): array => [(float) mt_rand(5, 400), mt_rand(5, 80) / 1.0], range(1, 12));
    $breaker = new BreakerCurve(30);
    $at = 0.0;
    $opens = INF;
    foreach ($loads as [$seconds, $amps]) {
        $breaker->carry($at, $amps, mt_rand(0, (int) $amps) / 1.0);
        if ($breaker->actsAtS() <= $at + $seconds) {
            $opens = $breaker->actsAtS();
            break;
        }
        $at += $seconds;
    }
    $slow = byStrips($loads, 30);
    expect(is_finite($opens))->toBe(is_finite($slow));
    if (is_finite($slow)) {
        expect($opens)->toEqualWithDelta($slow, 1.0);
    }
})->with(range(1, 25));

it('holds a breaker at its rating, opens it within two minutes at twice that, and at once at ten times', function () {
    $opens = function (float $times): float {
        $breaker = new BreakerCurve(30);
        $breaker->carry(100, 30 * $times, 0);

        return $breaker->actsAtS() - 100;
    };
    expect($opens(1.0))->toBe(INF)
        ->and($opens(1.35))->toBeLessThan(3600.0)
        ->and($opens(2.0))->toBeGreaterThan(10.0)->toBeLessThan(120.0)
        ->and($opens(10.0))->toBe(0.0);
});

it('is warm still when a breaker is put back at once', function () {
    $breaker = new BreakerCurve(30);
    $breaker->carry(0, 60, 0);
    $first = $breaker->actsAtS();
    $breaker->putBack($first);
    $breaker->carry($first + 30, 60, 0);
    expect($breaker->actsAtS() - $first - 30)->toBeLessThan($first / 2);
});

it('switches electronics off at once above their peak, and after some seconds above what they carry for hours', function () {
    $limit = new ElectronicLimit(20, 30, 5);
    $limit->carry(10, 20, 20);
    expect($limit->actsAtS())->toBe(INF);
    $limit->carry(11, 5, 25);
    $limit->carry(13, 26, 5);
    expect($limit->actsAtS())->toBe(16.0);
    $limit->carry(14, 20, 5);
    expect($limit->actsAtS())->toBe(INF);
    $limit->carry(15, 31, 0);
    expect($limit->actsAtS())->toBe(15.0);
    $limit->putBack(16);
    expect($limit->actsAtS())->toBe(INF);
});

it('stalls an engine above its peak within a moment, and not at it', function () {
    $engine = new Stalling(40);
    $engine->carry(1, 40, 40);
    expect($engine->actsAtS())->toBe(INF);
    $engine->carry(2, 12, 41);
    expect($engine->actsAtS())->toEqualWithDelta(2.3, 1e-9);
    $engine->carry(2.1, 12, 39);
    expect($engine->actsAtS())->toBe(INF);
});

it('stalls a machine that idles when a large start finds it slow, and not once it is up', function () {
    $idles = new IdleMode(40);
    $idles->carry(0, 2, 2);
    $idles->carry(5, 25, 2);
    expect($idles->actsAtS())->toEqualWithDelta(5.3, 1e-9);

    $up = new IdleMode(40);
    $up->carry(0, 12, 2);
    $up->carry(10, 35, 2);
    expect($up->actsAtS())->toBe(INF);
    $up->carry(20, 2, 2);
    $up->carry(30, 35, 2);
    expect($up->actsAtS())->toEqualWithDelta(30.3, 1e-9);
});

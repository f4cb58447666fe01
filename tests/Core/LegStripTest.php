<?php

declare(strict_types=1);

namespace Tests\Core\LegStripTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Design\Design;
use Underpin\Drawing\Strip\LegStrip;
use Underpin\Drawing\Strip\Tick;
use Underpin\Job\LoadKind;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\Role;
use Underpin\Job\WireRun;
use Underpin\Sizing\Supply;

function strip(array $circuits, ?Supply $supply = null, mixed ...$changes): LegStrip
{
    return LegStrip::of(
        new Design(Houses::job('x', ...['panels' => [new Panel('p', 'P', 20, circuits: $circuits)], 'supply' => $supply, ...$changes]))
    );
}

it('marks the limits of the machine and of its inlet, in their order', function (Supply $supply, ?int $inletAmps, array $ticks) {
    $strip = strip([Houses::circuit('1', 1, Role::Must, 600)], $supply, wire: new WireRun(inletAmps: $inletAmps));
    expect(array_map(fn (Tick $t) => [$t->label, $t->amps, $t->hard], $strip->ticks))->toBe($ticks);
})->with([
    'its own 30 A outlet' => [
        Houses::supply(6000, 8400), null, [['running limit', 25.0, false], ['inlet', 30.0, true], ['starting limit', 35.0, false]],
    ],
    'a 20 A inlet on a 30 A outlet' => [
        Houses::supply(6000, 8400), 20, [['inlet', 20.0, true], ['running limit', 25.0, false], ['starting limit', 35.0, false]],
    ],
    'a 50 A inlet on a 30 A outlet' => [
        Houses::supply(6000, 8400), 50, [['running limit', 25.0, false], ['inlet', 30.0, true], ['starting limit', 35.0, false]],
    ],
    'hard-wired' => [
        Houses::supply(9600, 12000, 240, Outlet::Terminals, 45), null,
        [['running limit', 40.0, false], ['breaker', 45.0, true], ['starting limit', 50.0, false]],
    ],
]);

it('says what a machine must give before one is picked', function () {
    // 16 A + 20 % margin: 20 A at 240 V are 4,800 W. A start of 30.2 A needs 7,248 W, said as 7,250 W, here as under Loads.
    $strip = strip([Houses::circuit('1', 1, Role::Must, 1920, 3624, LoadKind::Pump)]);
    expect($strip->detail)->toBe('It needs 4,800 W running and 7,250 W for a moment, with 20 % margin.')
        ->and([$strip->headline, $strip->tone, $strip->ticks, $strip->oneHot])->toBe(['No generator picked yet.', 'advice', [], false]);
    expect(
        strip([Houses::circuit('1', 1, Role::Must, 1920)], marginPct: 0.0)->detail
    )->toStartWith('It needs 3,840 W running and 3,840 W for a moment');
    $bare = Houses::circuit('3', 1, Role::Must);
    expect(strip([])->detail)->toStartWith('Mark the circuits')
        ->and(strip([$bare])->detail)->toBe('What it needs is not known: 1 circuit that must run has no watts.')
        ->and(strip([$bare, Houses::circuit('1', 1, Role::Must, 1920)])->detail)->toStartWith('It needs at least 4,800 W');
});

it('shows running and the worst start of each leg by itself', function () {
    $strip = strip(
        [Houses::circuit('1', 1, Role::Must, 600, 2400, LoadKind::Pump), Houses::circuit('4', 1, Role::Must, 1200)], Houses::supply(),
    );
    expect([$strip->aRunAmps, $strip->aPeakAmps, $strip->bRunAmps, $strip->bPeakAmps])->toBe([5.0, 20.0, 10.0, 10.0])
        ->and($strip->oneHot)->toBeFalse();
    $one = strip(
        [Houses::circuit('1', 1, Role::Must, 600), Houses::circuit('4', 1, Role::Must, 600)],
        Houses::supply(3600, 4200, 120, Outlet::Travel30),
    );
    expect([$one->aRunAmps, $one->bRunAmps, $one->oneHot])->toBe([10.0, 0.0, true]);
});

it('says that a start by itself is too much before it says which start is worst', function () {
    $circuits = [Houses::circuit('1', 2, Role::Must, 1200, 7440, LoadKind::Pump, 'Pump'), Houses::circuit('5', 1, Role::Must, 1200, 1200)];
    expect(strip($circuits, Houses::supply())->detail)->toBe('Pump, starting again by itself with everything on, reaches 41.0 A.')
        ->and(strip([$circuits[0]], Houses::supply())->detail)->toStartWith('Worst start 31.0 A of 37.5 A, on Machine m');
});

it('has a scale of round amperes that leaves a sixth free, whatever is on it', function (float $amps, float $scale) {
    $circuit = Changed::of(Houses::circuit('1', 2, Role::Must, $amps * 240, $amps * 240), breakerAmps: 600);
    expect(strip([$circuit])->scaleAmps)->toBe($scale);
})->with([
    [0.0, 25.0], [20.0, 25.0], [25.0, 30.0], [25.1, 40.0], [33.4, 50.0], [41.7, 60.0], [50.1, 80.0], [66.7, 100.0], [83.4, 120.0],
    [100.1, 150.0],
    [125.1, 200.0], [166.7, 250.0], [208.4, 300.0], [250.1, 400.0], [333.4, 500.0], [416.7, 600.0], [500.1, 800.0], [666.7, 1000.0],
    [833.3, 1000.0],
]);

it('stays within the scale beyond a thousand amperes too', function () {
    $circuits = array_map(
        fn (int $n) => Changed::of(Houses::circuit((string) (4 * $n + 1), 2, Role::Must, 120_000, 120_000), breakerAmps: 600), range(0, 2),
    );
    expect(strip($circuits)->scaleAmps)->toBe(2000.0);
});

<?php

declare(strict_types=1);

namespace Tests\Core\StartOrderTest;

use Underpin\Legs\Leg;
use Underpin\Loads\Starter;
use Underpin\Loads\StartOrder;
use Underpin\Refused;

use function Tests\faultOf;

/** @return iterable<list<mixed>> */
function everyOrderOf(array $items): iterable
{
    if (count($items) < 2) {
        yield $items;

        return;
    }
    foreach ($items as $i => $item) {
        foreach (everyOrderOf(array_values(array_diff_key($items, [$i => true]))) as $rest) {
            yield [$item, ...$rest];
        }
    }
}

it('is as low as the best of all orders', function (int $seed) {
    mt_srand($seed);
    $loads = [];
    for ($i = 0; $i < 1 + $seed % 6; $i++) {
        $run = mt_rand(0, 40) / 4;
        $loads[] = new Starter("l$i", Leg::cases()[mt_rand(0, 2)], $run, $run + mt_rand(0, 100) / 4);
    }
    $already = [mt_rand(0, 20) / 4, mt_rand(0, 20) / 4];
    $lowest = INF;
    foreach (everyOrderOf($loads) as $order) {
        $lowest = min($lowest, StartOrder::inGivenOrder($order, ...$already)->peakAmps());
    }
    expect(StartOrder::best($loads, ...$already)->peakAmps())->toEqualWithDelta($lowest, 1e-9);
})->with(range(1, 60));

it('shows the legs at every start', function () {
    $best = StartOrder::best([
        new Starter('lights', Leg::A, 2, 2), new Starter('pump', Leg::AB, 5, 20), new Starter('boiler', Leg::B, 3, 6),
    ], 1.0);
    expect($best->order())->toBe(['pump', 'boiler', 'lights'])
        ->and(array_map(fn ($s) => [$s->aAmps, $s->bAmps], $best->steps))->toBe([[21.0, 20.0], [6.0, 11.0], [8.0, 8.0]])
        ->and($best->peakAmps())->toBe(21.0)->and($best->peakLeg())->toBe(Leg::A);
});

it('keeps equals as given, and knows a house where nothing starts', function () {
    expect(StartOrder::best([new Starter('b', Leg::A, 1, 3), new Starter('a', Leg::B, 2, 4)])->order())->toBe(['b', 'a']);
    $idle = StartOrder::best([], 3.0, 7.0);
    expect([$idle->peakAmps(), $idle->peakLeg(), $idle->steps])->toBe([7.0, Leg::B, []]);
    expect(StartOrder::best([], 4.0, 4.0)->peakLeg())->toBe(Leg::A);
});

it('orders 200 in milliseconds and refuses more', function () {
    $loads = array_map(fn (int $i) => new Starter("l$i", Leg::cases()[$i % 3], $i % 7, $i % 7 + $i % 13), range(0, 199));
    $began = hrtime(true);
    StartOrder::best($loads);
    expect((hrtime(true) - $began) / 1e6)->toBeLessThan(50.0);
    expect(
        fn () => StartOrder::best([...$loads, new Starter('x', Leg::A, 1, 1)])
    )->toThrow(fn (Refused $r) => expect($r->field)->toBe('loads'));
});

it('refuses a start below the running current at its own place', function () {
    $good = ['id' => 'a', 'leg' => 'A', 'run_amps' => 1, 'start_amps' => 1];
    expect(
        faultOf('start-order', ['loads' => [$good, ['id' => 'b', 'leg' => 'A', 'run_amps' => 2, 'start_amps' => 1.5]]])
    )->toBe('loads.1.start_amps');
    expect(faultOf('start-order', ['loads' => [$good], 'already_b_amps' => -1]))->toBe('already_b_amps');
});

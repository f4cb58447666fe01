<?php

declare(strict_types=1);

namespace Tests\Core\DrawingsTest;

use App\Drawings\Box;
use App\Drawings\ChainDrawing;
use App\Drawings\LoadMap;
use App\Drawings\PanelBoard;
use App\Drawings\RecordingPlot;
use Tests\Support\RandomHouse;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Measure\Interval\IntervalSeries;
use Underpin\Measure\Interval\Zone;
use Underpin\Measure\Mark;
use Underpin\Measure\Reading;
use Underpin\Service\Distribution;

function overlap(Box $one, Box $other): bool
{
    return $one->x < $other->right() - 0.01
        && $other->x < $one->right() - 0.01
        && $one->y < $other->y + $other->h - 0.01
        && $other->y < $one->y + $one->h - 0.01;
}

it('draws no two boxes of a chain over each other, and all of them inside', function (int $seed) {
    $chain = Distribution::of(RandomHouse::job($seed));
    $drawing = new ChainDrawing($chain);
    $boxes = array_map(fn ($node) => $drawing->box($node), $chain->nodes);
    foreach ($boxes as $i => $box) {
        expect($box->x)->toBeGreaterThanOrEqual(0)
            ->and($box->right())->toBeLessThanOrEqual($drawing->width())
            ->and($box->y)->toBeGreaterThanOrEqual(0)
            ->and($box->y + $box->h)->toBeLessThanOrEqual($drawing->height());
        foreach (array_slice($boxes, $i + 1) as $other) {
            expect(overlap($box, $other))->toBeFalse();
        }
    }
    foreach ($chain->nodes as $node) {
        expect($drawing->path($node))->toStartWith('M');
    }
})->with(range(1, 25));

it('draws no two breakers of a board over each other', function (int $seed) {
    $job = RandomHouse::job($seed);
    foreach ($job->service->panels as $panel) {
        $board = new PanelBoard($panel, new Design($job));
        $boxes = [];
        foreach ($panel->circuits as $circuit) {
            array_push($boxes, ...array_filter([$board->box($circuit->position), $board->tiedBox($circuit->position)]));
        }
        foreach ($boxes as $i => $box) {
            expect($box->y + $box->h)->toBeLessThanOrEqual($board->height())->and($box->right())->toBeLessThanOrEqual(PanelBoard::WIDTH);
            foreach (array_slice($boxes, $i + 1) as $other) {
                expect(overlap($box, $other))->toBeFalse();
            }
        }
        $quads = array_filter($panel->circuits, fn (Circuit $c) => $c->position->poles === 2 && $c->position->half?->value === 'a');
        expect(count($boxes))->toBe(count($panel->circuits) + count($quads));
    }
})->with(range(1, 15));

it('covers every hour of the year once on the map, and no more', function () {
    $series = new IntervalSeries;
    $first = Zone::Mountain->midnight((int) CivilDay::number(2025, 2, 1));
    mt_srand(2);
    for ($i = 0; $i < 400 * 24; $i++) {
        if ($i % 97 !== 0) {
            $series->add($first + 3600 * $i, (float) mt_rand(50, 9000));
        }
    }
    $map = new LoadMap($series->picture(Zone::Mountain, 3600, 1.0, false));
    $cells = [];
    foreach ($map->paths() as $level => $path) {
        preg_match_all('/M([\d.]+) (\d+)h[\d.]+v(\d+)h-[\d.]+z/', $path, $runs, PREG_SET_ORDER);
        foreach ($runs as [, $x, $y, $h]) {
            foreach (range(0, intdiv((int) $h, LoadMap::HOUR) - 1) as $hour) {
                $cells["$x ".($y + $hour * LoadMap::HOUR)][] = $level;
            }
        }
    }
    expect($cells)->toHaveCount(366 * 24)
        ->and(max(array_map(count(...), $cells)))->toBe(1)
        ->and($map->years())->toBe(2)
        ->and(count($map->months()))->toBeGreaterThanOrEqual(12)
        ->and(array_sum(array_column($map->table(), 'hours')))->toBeLessThan(366 * 24)->toBeGreaterThan(360 * 24);
    $before = new LoadMap($map->year, 1);
    expect(min($before->days))->toBe(array_key_first($map->year->days))->and($map->peak() ?? $before->peak())->not->toBeNull();
});

it('writes as much beside a mark as fits before the next', function () {
    $plot = new RecordingPlot(0, 84_600, 5);
    $marks = [
        new Mark(0, 'boiler on'), new Mark(10_000, '', 'c5'), new Mark(20_000, 'a longer story'), new Mark(20_900, 'too near'),
        new Mark(60_000, 'gone', 'c9'),
    ];
    $lines = $plot->marks($marks, ['c5' => '5–7 Deep well pump of the barn']);
    expect(array_column($lines, 'words'))->toBe(['boiler on', '5–7 Deep w…', '', 'too near', 'gone']);
    foreach ($lines as $i => $line) {
        expect($line['x'])->toBe($plot->x($marks[$i]->atMs))
            ->and($line['x'] + 7.4 * mb_strlen($line['words']))->toBeLessThan($lines[$i + 1]['x'] ?? RecordingPlot::WIDTH);
    }
});

it('keeps a recording within its plot, with its highest moment on it', function () {
    $readings = array_map(fn (int $i) => new Reading(1000 + $i * 100, 3.0 + ($i === 400 ? 44.0 : 0.0), 2.0), range(0, 900));
    $plot = new RecordingPlot(1000, 91_000, 5);
    array_walk($readings, $plot->add(...));
    preg_match_all('/[ML](\d+) ([\d.]+)/', $plot->bandA(), $points);
    expect($plot->bandB())->toBe(implode('', array_map(fn (int $x) => ($x === 50 ? 'M' : 'L')."$x {$plot->y(2.0)}", range(50, 896))));
    expect(max(array_map(floatval(...), $points[1])))->toBeLessThanOrEqual(RecordingPlot::WIDTH)
        ->and(min(array_map(floatval(...), $points[1])))->toBeGreaterThanOrEqual(RecordingPlot::LEFT)
        ->and(min(array_map(floatval(...), $points[2])))->toBe($plot->y(47.0))
        ->and($plot->y(47.0))->toBeGreaterThanOrEqual(RecordingPlot::TOP)
        ->and($plot->ticks()[0])->toBe(0.0)
        ->and(max($plot->ticks()))->toBeLessThanOrEqual($plot->highest())
        ->and(count($plot->ticks()))->toBeLessThan(8);
});

<?php

declare(strict_types=1);

namespace Tests\Core\PlacementTest;

use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;
use Underpin\Placement\Building;
use Underpin\Placement\Distances;
use Underpin\Placement\Gap;
use Underpin\Placement\Obstacle;
use Underpin\Placement\Placement;
use Underpin\Placement\Surroundings;

use function Tests\calc;
use function Tests\faultOf;

/** @param  list<array{float, float}>  $corners */
function area(array $corners): Polygon
{
    return new Polygon(array_map(fn (array $c): Point => new Point($c[0], $c[1]), $corners));
}

/** An L: a square of 10 ft without its upper right quarter. */
function bend(): array
{
    return [[0, 0], [10, 0], [10, 5], [5, 5], [5, 10], [0, 10]];
}

function standing(array $more = [], string $kind = 'standby'): array
{
    return ['kind' => $kind, 'generator' => ['x' => 20, 'y' => 0, 'w' => 4, 'd' => 2], ...$more];
}

it('measures from the nearest point of the machine to what is filled', function (array $at, float $ft) {
    $case = standing(['generator' => $at, 'walls' => [['id' => 'house', 'points' => bend()]]]);
    expect(calc('placement', $case)['nearest']['wall_ft'])->toBe(['id' => 'house', 'distance_ft' => $ft]);
})->with([
    'beside it' => [['x' => 13, 'y' => 1, 'w' => 4, 'd' => 2], 3.0],
    'off a corner' => [['x' => 13, 'y' => 9, 'w' => 4, 'd' => 2], 5.0],
    'in the bend' => [['x' => 6, 'y' => 7, 'w' => 1, 'd' => 1], 1.0],
    'inside' => [['x' => 1, 'y' => 1, 'w' => 1, 'd' => 1], 0.0],
    'around it' => [['x' => -5, 'y' => -5, 'w' => 30, 'd' => 30], 0.0],
    'across a wall, no corner inside' => [['x' => -1, 'y' => 2, 'w' => 20, 'd' => 1], 0.0],
    'touching' => [['x' => 10, 'y' => 0, 'w' => 4, 'd' => 2], 0.0],
]);

it('breaks a rule below its figure, and not at it', function (float $x, bool $broken) {
    $out = calc('placement', standing([
        'generator' => ['x' => $x, 'y' => 1, 'w' => 4, 'd' => 2], 'walls' => [['id' => 'house', 'points' => bend()]],
    ]));
    expect(in_array('wall_ft', array_column($out['findings'], 'rule'), true))->toBe($broken);
})->with([[15.0, false], [15 - 5e-10, false], [14.99, true]]);

it('asks of a standby only walls that burn, of a portable every wall', function (string $kind, bool $burns, bool $counts) {
    $out = calc('placement', standing(['walls' => [['id' => 'house', 'points' => bend(), 'combustible' => $burns]]], $kind));
    expect($out['nearest']['wall_ft'] !== null)->toBe($counts)->and($out['nearest']['service_ft']['id'])->toBe('house');
})->with([['standby', true, true], ['standby', false, false], ['portable', true, true], ['portable', false, true]]);

it('keeps a portable 20 ft away, and its exhaust too', function () {
    $place = ['openings' => [['id' => 'door', 'x' => 1, 'y' => 0]], 'exhaust' => ['x' => 24, 'y' => 1]];
    $out = calc('placement', standing($place, 'portable'));
    expect(array_column($out['findings'], 'needed_ft', 'rule'))->toEqual(['opening_ft' => 20.0])
        ->and($out['findings'][0]['distance_ft'])->toBe(19.0)
        ->and($out['nearest']['exhaust_opening_ft']['distance_ft'])->toEqualWithDelta(hypot(23, 1), 1e-12)
        ->and(calc('placement', standing($place))['findings'])->toBe([])
        ->and(array_column(calc('placement', standing([...$place, 'rules' => ['exhaust_opening_ft' => 24]]))['findings'], 'rule'))
        ->toBe(['exhaust_opening_ft']);
});

it('lets nothing stand across or outside of the property line', function (array $at, float $needed, ?float $ft) {
    $out = calc('placement', standing(['generator' => $at, 'property' => bend(), 'rules' => ['property_ft' => $needed]]));
    expect($out['findings'][0]['distance_ft'] ?? null)->toBe($ft);
})->with([
    'inside' => [['x' => 2, 'y' => 2, 'w' => 1, 'd' => 1], 2.0, null],
    'inside, too near' => [['x' => 2, 'y' => 2, 'w' => 1, 'd' => 1], 2.5, 2.0],
    'at the line' => [['x' => 0, 'y' => 2, 'w' => 1, 'd' => 1], 0.0, null],
    'across it' => [['x' => -1, 'y' => 2, 'w' => 2, 'd' => 1], 0.0, 0.0],
    'outside' => [['x' => -9, 'y' => 2, 'w' => 1, 'd' => 1], 1.0, 0.0],
    'in the bend that is not ours' => [['x' => 7, 'y' => 7, 'w' => 1, 'd' => 1], 1.0, 0.0],
    'across the bend, its corners inside' => [['x' => 4, 'y' => 4, 'w' => 1.5, 'd' => 1.5], 0.0, 0.0],
    'over all of it' => [['x' => -5, 'y' => -5, 'w' => 30, 'd' => 30], 1.0, 0.0],
]);

it('names the rules that lack something, and not those that are broken already', function () {
    expect(calc('placement', standing())['not_checked'])->toBe(
        ['wall_ft', 'opening_ft', 'service_ft', 'property_ft', 'exhaust_opening_ft'],
    );
    $near = ['generator' => ['x' => 11, 'y' => 0, 'w' => 4, 'd' => 2], 'walls' => [['id' => 'house', 'points' => bend()]]];
    expect(calc('placement', standing($near))['not_checked'])->toBe(['opening_ft', 'property_ft', 'exhaust_opening_ft']);
    $all = ['walls' => [], 'openings' => [], 'obstacles' => [], 'property' => [[-99, -99], [99, -99], [99, 99], [-99, 99]]];
    expect(calc('placement', standing($all))['not_checked'])->toBe(['exhaust_opening_ft'])
        ->and(calc('placement', standing($all))['ok'])->toBeFalse()
        ->and(calc('placement', standing([...$all, 'exhaust' => ['x' => 0, 'y' => 0]]))['ok'])->toBeTrue();
});

it('refuses by field', function (array $more, string $field) {
    expect(faultOf('placement', standing($more)))->toBe($field);
})->with([
    'no kind' => [['kind' => null], 'kind'], 'no machine' => [['generator' => null], 'generator'],
    'a width under 0' => [['generator' => ['x' => 0, 'y' => 0, 'w' => -1, 'd' => 1]], 'generator.w'],
    'two corners' => [['walls' => [['id' => 'a', 'points' => [[0, 0], [1, 1]]]]], 'walls.0.points'],
    'a word in a corner' => [['property' => [[0, 0], [1, '1'], [2, 2]]], 'property.1.1'],
    'half a corner' => [['property' => [[0, 0], [1], [2, 2]]], 'property.1'],
    'a repeated id' => [['openings' => [['id' => 'a', 'x' => 0, 'y' => 0], ['id' => 'a', 'x' => 1, 'y' => 0]]], 'openings.1.id'],
    'an unknown rule' => [['rules' => ['walls_ft' => 3]], 'rules.walls_ft'],
]);

it('agrees with a fine grid of points', function (int $seed) {
    mt_srand($seed);
    $random = fn (): float => mt_rand(-200, 200) / 10;
    $machine = Polygon::rectangle($random(), $random(), mt_rand(5, 60) / 10, mt_rand(5, 60) / 10);
    $turn = mt_rand(0, 628) / 100;
    // a star that does not cross itself: corners in rising angle about a middle
    $middle = [$random(), $random()];
    $corners = array_map(function (int $i) use ($turn, $middle): array {
        $r = mt_rand(10, 90) / 10;

        return [$middle[0] + $r * cos($turn + $i), $middle[1] + $r * sin($turn + $i)];
    }, range(0, 5));
    $building = area($corners);
    [$low, $high] = [$machine->corners[0], $machine->corners[2]];
    $least = INF;
    foreach ($building->sides as $side) {
        for ($i = 0; $i <= 400; $i++) {
            $p = $side->at($side->length() * $i / 400);
            $least = min($least, hypot(max($low->x - $p->x, 0, $p->x - $high->x), max($low->y - $p->y, 0, $p->y - $high->y)));
        }
    }
    $isInside = $building->contains($low);
    expect($building->crossesItself())->toBeFalse()
        ->and($machine->distanceTo($building))->toEqualWithDelta($isInside ? 0.0 : $least, 0.03)
        ->and($building->distanceTo($machine))->toEqualWithDelta($machine->distanceTo($building), 1e-9);
})->with(range(1, 60));

it('knows an outline that crosses itself', function (array $corners, bool $crosses) {
    expect(area($corners)->crossesItself())->toBe($crosses);
})->with([
    'a bow' => [[[0, 0], [4, 4], [4, 0], [0, 4]], true], 'an L' => [bend(), false], 'a triangle' => [[[0, 0], [4, 0], [0, 3]], false],
    'a side that runs back on itself' => [[[0, 0], [8, 0], [4, 0], [4, 4]], true],
    'a corner that touches another side' => [[[0, 0], [8, 0], [8, 4], [4, 0], [0, 4]], true],
    'a corner on a straight side' => [[[0, 0], [4, 0], [8, 0], [8, 4], [0, 4]], false],
]);

it('has the area of an outline, whichever way round', function () {
    expect(area(bend())->area())->toBe(75.0)->and(area(array_reverse(bend()))->area())->toBe(75.0);
});

it('counts the working space on the sides that a machine is served from', function () {
    $machine = Polygon::rectangle(0, 0, 4, 2);
    $served = Polygon::rectangle(0, -3, 4, 5);
    $around = new Surroundings([new Building('north', Polygon::rectangle(-5, 3, 20, 4), false)], [], [
        new Obstacle('south', Polygon::rectangle(1, -2.5, 1, 1)), new Obstacle('corner', Polygon::rectangle(6, -2, 1, 1)),
    ]);
    $ids = fn (?Polygon $served): array => array_map(
        fn (Gap $gap): string => $gap->id, (new Placement($machine, null, $around, Distances::standby(), $served))->broken(),
    );
    expect($ids($served))->toBe(['south'])->and($ids(null))->toBe(['north', 'south', 'corner']);
});

it('draws each distance from the machine to the nearest point of what it is measured to', function () {
    $gap = Polygon::rectangle(0, 0, 4, 2)->gap(Polygon::rectangle(7, 6, 2, 2));
    expect([$gap->from, $gap->to])->toEqual([new Point(4, 2), new Point(7, 6)])->and($gap->length())->toBe(5.0);
    $opening = Polygon::rectangle(0, 0, 4, 2)->gapTo(new Segment(new Point(-3, -9), new Point(-3, 9)));
    expect($opening->length())->toBe(3.0)->and($opening->to->x)->toBe(-3.0);
});

it('adds sounds as powers, 6 dB less with each doubling', function (array $sources, float $db) {
    expect(calc('noise', ['sources' => $sources])['db'])->toEqualWithDelta($db, 1e-9);
})->with([
    'where it is stated' => [[['db' => 66, 'distance_ft' => 23]], 66.0],
    'twice as far' => [[['db' => 66, 'distance_ft' => 46]], 66 - 20 * log10(2)],
    'two alike' => [[['db' => 60, 'distance_ft' => 23], ['db' => 60, 'distance_ft' => 23]], 60 + 10 * log10(2)],
    'one stated at 10 ft' => [[['db' => 70, 'at_ft' => 10, 'distance_ft' => 100]], 50.0],
    'a loud one and a quiet one' => [[['db' => 100, 'distance_ft' => 23], ['db' => 0, 'distance_ft' => 23]], 100.0],
    'below all hearing' => [[['db' => -5000, 'distance_ft' => 23]], -5000.0],
]);

it('refuses what has no distance', function (array $case, string $field) {
    expect(faultOf('noise', $case))->toBe($field);
})->with([
    [['sources' => []], 'sources'], [['sources' => [['db' => 60, 'distance_ft' => 0]]], 'sources.0.distance_ft'],
    [['sources' => [['db' => 60, 'at_ft' => 0, 'distance_ft' => 1]]], 'sources.0.at_ft'],
]);

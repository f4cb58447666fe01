<?php

declare(strict_types=1);

namespace Tests\Core\SitePlanTest;

use Database\Seeders\DemoPlans;
use Tests\Support\Changed;
use Tests\Support\Drawn;
use Tests\Support\Houses;
use Underpin\Assembly\Conductor;
use Underpin\Calculator\Calculators;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Connection\OwnerStep;
use Underpin\Design\Design;
use Underpin\Drawing\Box;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Point as Corner;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Site\SiteInk;
use Underpin\Drawing\Site\SitePlanDrawing;
use Underpin\Drawing\Site\SiteScale;
use Underpin\Exchange\JobFile;
use Underpin\Geometry\OutlineWords;
use Underpin\Geometry\Point;
use Underpin\Geometry\Polygon;
use Underpin\Geometry\Segment;
use Underpin\Job\Authority;
use Underpin\Job\Fuel;
use Underpin\Job\Job;
use Underpin\Job\LocalRules;
use Underpin\Job\Machine\Housing;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\MachineSpot;
use Underpin\Job\Plan\OpeningKind;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanItemKind;
use Underpin\Job\Plan\PlannedBuilding;
use Underpin\Job\Plan\PlanSide;
use Underpin\Job\Plan\Route;
use Underpin\Job\Plan\RouteKind;
use Underpin\Job\Plan\SitePlan;
use Underpin\Job\Plan\WallOpening;
use Underpin\Job\Rating;
use Underpin\Job\Site;
use Underpin\Job\WireRun;
use Underpin\Outage\SwitchingCard;
use Underpin\Placement\PlaceRow;
use Underpin\Placement\PlannedPlace;
use Underpin\Placement\TankPlace;
use Underpin\Refused;
use Underpin\Sizing\Supply;

/** @return list<Point> */
function box(float $x, float $y, float $w, float $d): array
{
    return Polygon::rectangle($x, $y, $w, $d)->corners;
}

/** A house of 40 by 30 ft with a bedroom window in its right wall, on a lot of 120 by 100 ft. */
function site(MachineSpot $spot, ?bool $burns = true, PlanItem ...$items): SitePlan
{
    return new SitePlan(
        [new PlannedBuilding('house', 'House', BuildingKind::House, box(0, 0, 40, 30), $burns, [
            new WallOpening('bedroom', OpeningKind::Bedroom, 2, 10, 4),
        ])],
        box(-40, -40, 120, 100), array_values($items), $spot,
    );
}

function placed(SitePlan $plan, MachineKind $kind = MachineKind::Standby, ?LocalRules $rules = null, ?Housing $housing = null): Job
{
    $isStandby = $kind === MachineKind::Standby;
    $machine = Changed::of(
        Houses::machine(12_000, 12_000, 240, $isStandby ? Outlet::Terminals : Outlet::Straight50, 50, $kind),
        housing: $housing ?? new Housing(noiseDb: 66, widthIn: 48, depthIn: 24),
    );

    return Houses::small(new Supply($machine, Fuel::Gasoline), 'interlock')->with($plan, ...$rules === null ? [] : [new Authority($rules)]);
}

/** @return array<string, float> what is too near => feet */
function broken(Job $job): array
{
    $rows = array_filter(PlannedPlace::of($job)?->rows() ?? [], fn ($row): bool => $row->isBroken());

    return array_map(fn ($row): float => round($row->ft(), 3), array_column($rows, null, 'what'));
}

/** @return list<string> */
function codes(Job $job): array
{
    return array_map(fn (Finding $f): string => $f->code->value, Review::of($job)->findings);
}

it('turns the machine so that its depth lies towards the exhaust', function (PlanSide $side, array $size, array $exhaust) {
    $place = PlannedPlace::of(placed(site(new MachineSpot(50, 50, $side))));
    [$low, $high] = [$place->machine->corners[0], $place->machine->corners[2]];
    expect([$high->x - $low->x, $high->y - $low->y])->toBe($size)->and([$place->exhaust->x, $place->exhaust->y])->toBe($exhaust);
})->with([
    [PlanSide::Right, [2.0, 4.0], [52.0, 52.0]], [PlanSide::Left, [2.0, 4.0], [50.0, 52.0]],
    [PlanSide::Top, [4.0, 2.0], [52.0, 52.0]], [PlanSide::Bottom, [4.0, 2.0], [52.0, 50.0]],
]);

it('keeps a standby 5 ft from what burns and from openings, or as its listing and the authority say', function () {
    $near = site(new MachineSpot(43, 10));
    expect(broken(placed($near)))->toBe(['wall of House' => 3.0, 'bedroom window, House' => 3.0])
        ->and(
            array_keys(broken(placed($near, housing: new Housing(widthIn: 48, depthIn: 24, wallIn: 18)))),
        )->toBe(['bedroom window, House'])
        ->and(broken(placed(site(new MachineSpot(46, 10, PlanSide::Left)), rules: new LocalRules(openingFt: 8))))->toBe([
            'bedroom window, House' => 6.0, 'exhaust to bedroom window, House' => 6.0,
        ]);
});

it('counts a wall that nobody looked at as one that burns, and says so', function () {
    expect(broken(placed(site(new MachineSpot(43, 22), null))))->toBe(['wall of House, not looked whether it burns' => 3.0])
        ->and(broken(placed(site(new MachineSpot(43, 22), false))))->toBe([]);
});

it('keeps a portable as far from the house as the authority says, at least 20 ft', function () {
    expect(broken(placed(site(new MachineSpot(59, 10)), MachineKind::Portable)))->toHaveKeys(['wall of House', 'bedroom window, House'])
        ->and(broken(placed(site(new MachineSpot(60, 10)), MachineKind::Portable)))->toBe([])
        ->and(
            broken(placed(site(new MachineSpot(60, 10)), MachineKind::Portable, new LocalRules(portableFt: 25))),
        )->toHaveKey('wall of House');
});

it('keeps away from gas, and from the property line as zoning says', function (PlanItem $item, array $broken) {
    expect(broken(placed(site(new MachineSpot(60, 10), true, $item))))->toBe($broken);
})->with([
    'a gas meter' => [new PlanItem('m', PlanItemKind::GasMeter, 64.9, 11, 1, 1), ['working space: gas meter' => 2.9, 'gas meter' => 2.9]],
    'a regulator' => [new PlanItem('m', PlanItemKind::GasRegulator, 66.9, 11, 1, 1), ['gas regulator' => 4.9]],
    'a tank' => [new PlanItem('m', PlanItemKind::Tank, 71.9, 11, 1, 1), ['propane tank above ground' => 9.9]],
    'a buried one' => [new PlanItem('m', PlanItemKind::BuriedTank, 63, 11, 1, 1), ['propane tank, buried' => 1.0]],
    'a fence, where one works' => [new PlanItem('m', PlanItemKind::Fence, 64.9, 11, 1, 1), ['working space: fence, hedge or tree' => 2.9]],
]);

it('finds what is too near, each kind once, as a colleague says it', function () {
    $codes = codes(placed(site(new MachineSpot(41, 10), true, new PlanItem('m', PlanItemKind::Tank, 46, 11, 3, 3))));
    expect(array_intersect(['CO_OPENING', 'WALL_CLOSE', 'SERVICE_SPACE', 'GAS_NEAR'], $codes))->toHaveCount(4)
        ->and(array_count_values($codes)['CO_OPENING'])->toBe(1)
        ->and(codes(placed(site(new MachineSpot(41, 10)), MachineKind::Portable)))->toContain('CO_HOUSE')
        ->and(codes(placed(site(new MachineSpot(79, 10)))))->toContain('PROPERTY_NEAR')
        ->and(
            array_intersect(
                ['CO_OPENING', 'WALL_CLOSE', 'SERVICE_SPACE', 'GAS_NEAR', 'PROPERTY_NEAR'], codes(placed(site(new MachineSpot(60, 10)))),
            ),
        )->toBe([]);
});

it('hears the machine at the line and at bedrooms, and holds it against the night', function () {
    $rows = PlannedPlace::of(placed(site(new MachineSpot(60, 10)), rules: new LocalRules(nightDb: 60)))->noise();
    expect(array_column($rows, 'what'))->toBe(['property line', 'bedroom window, House'])
        ->and($rows[0]->db)->toEqualWithDelta(66 - 20 * log10(18 / 23), 1e-9)->and($rows[0]->isOver())->toBeTrue()
        // The customer's own window is no neighbor's.
        ->and($rows[1]->mostDb)->toBeNull()
        ->and(codes(placed(site(new MachineSpot(60, 10)), rules: new LocalRules(nightDb: 60))))->toContain('NOISE_OVER')
        ->and(codes(placed(site(new MachineSpot(60, 10)))))->not->toContain('NOISE_OVER')
        ->and(PlannedPlace::of(placed(site(new MachineSpot(60, 10)), housing: new Housing(widthIn: 48, depthIn: 24)))->noise())->toBe([]);
});

it('says what is not noted instead of calling it good', function () {
    $bare = new SitePlan(
        [new PlannedBuilding('house', 'House', BuildingKind::House, box(0, 0, 40, 30), true)], spot: new MachineSpot(60, 10),
    );
    $place = PlannedPlace::of(placed($bare));
    expect($place->placement->isGood())->toBeFalse()
        ->and($place->missing())->toBe(['doors, windows and vents', 'what else stands there', 'the property line'])
        ->and(PlannedPlace::of(placed($bare, housing: new Housing)))->toBeNull()
        ->and(PlannedPlace::of(placed(site(new MachineSpot(60, 10))))->placement->isGood())->toBeTrue();
});

it('measures nothing to a battery station: it has no exhaust', function () {
    $job = placed(site(new MachineSpot(41, 10)), MachineKind::Portable);
    expect(PlannedPlace::of($job))->not->toBeNull();
    $station = Changed::of(
        $job->generator->machine, form: MachineKind::Battery, ratings: [new Rating(Fuel::Stored, 12_000, 12_000)],
    );
    $job = Changed::of($job, supply: new Supply($station, Fuel::Stored));
    expect(PlannedPlace::of($job))->toBeNull()->and(codes($job))->not->toContain('CO_HOUSE')->not->toContain('CO_OPENING');
});

it('warns of snow above the platform and of ground that is not level', function (?float $platform, float $snow, bool $warned) {
    $job = placed(site(new MachineSpot(60, 10, platformIn: $platform)));
    $job = Changed::of($job, site: new \Underpin\Job\Site(snowIn: $snow, level: true, aboveFlood: true));
    expect(in_array('SNOW_FLOOD', codes($job), true))->toBe($warned);
})->with([[24.0, 24.0, false], [23.0, 24.0, true], [null, 24.0, false], [null, 0.0, false]]);

it('paints forbidden what the calculator calls too near, point for point', function (string $which, MachineKind $kind) {
    $plan = DemoPlans::{$which}();
    $job = placed($plan->with(spot: new MachineSpot(0, 0)), $kind);
    $drawing = (new SitePlanDrawing(new Design($job)))->drawing();
    $scale = new SiteScale([
        ...array_merge(...array_map(fn (PlannedBuilding $b): array => $b->corners, $plan->buildings)), ...$plan->property,
        ...array_merge(...array_map(fn (PlanItem $i): array => $i->area()->corners, $plan->items)),
        ...array_merge([], ...array_map(fn (Route $r): array => $r->points, $plan->routes)),
        ...PlannedPlace::of($job)->machine->corners,
    ]);
    $painted = array_filter(
        Drawn::of($drawing, 'zone')->elements, fn (object $e): bool => $e instanceof Path && $e->ink === SiteInk::Zone,
    );
    $traces = array_merge(...array_map(fn (Path $p): array => $p->traces, array_values($painted)));
    $gas = array_filter($plan->items, fn (PlanItem $i): bool => in_array(
        $i->kind, [PlanItemKind::GasMeter, PlanItemKind::GasRegulator, PlanItemKind::Tank, PlanItemKind::BuriedTank], true,
    ));
    mt_srand(7);
    for ($i = 0; $i < 250; $i++) {
        $at = new Point(mt_rand(-600, 1600) / 10, mt_rand(-600, 1600) / 10);
        $isNearGas = array_filter($gas, fn (PlanItem $g): bool => $g->area()->gapTo(new Segment($at, $at))->length() < match ($g->kind) {
            PlanItemKind::GasMeter => 3, PlanItemKind::GasRegulator => 5, default => 10,
        }) !== [];
        if ($isNearGas) {
            continue;
        }
        $result = Calculators::run(Calculators::named('placement'), (string) json_encode([
            'kind' => $kind === MachineKind::Standby ? 'standby' : 'portable',
            'generator' => ['x' => $at->x, 'y' => $at->y, 'w' => 0, 'd' => 0],
            'walls' => array_map(fn (PlannedBuilding $b): array => [
                'id' => $b->id, 'points' => array_map(fn (Point $p): array => [$p->x, $p->y], $b->corners), 'combustible' => $b->burns,
            ], $plan->buildings),
            'openings' => array_merge(...array_map(fn (PlannedBuilding $b): array => array_merge(...array_map(
                fn (WallOpening $o): array => array_map(
                    fn (int $n): array => ['id' => "$o->id-$n"] + get_object_vars($b->line($o)->at($o->widthFt * $n / 40)), range(0, 40),
                ),
                $b->openings,
            )), $plan->buildings)),
            'property' => array_map(fn (Point $p): array => [$p->x, $p->y], $plan->property),
            'obstacles' => array_values(array_map(
                fn (PlanItem $i): array => ['id' => $i->id, 'x' => $i->x, 'y' => $i->y, 'w' => $i->w, 'd' => $i->d],
                array_filter($plan->items, fn (PlanItem $i): bool => $i->kind !== PlanItemKind::BuriedTank),
            )),
        ]))->output;
        $isIn = array_filter($traces, fn (Trace $t): bool => covers($t, $scale->x($at->x), $scale->y($at->y))) !== [];
        $isOut = ! $plan->lot->contains($at);
        // The samples of an opening lie a tenth of a foot apart: points within that of the edge prove nothing.
        $close = array_filter($result['findings'], fn (array $f): bool => $f['needed_ft'] - $f['distance_ft'] > 0.02) !== [];
        if ($close || $isOut || ! $isIn) {
            expect($isIn || $isOut)->toBe($result['findings'] !== []);
        }
    }
    expect(count($traces))->toBeGreaterThan(10);
})->with([['dairy', MachineKind::Portable], ['lodge', MachineKind::Standby], ['rowHouse', MachineKind::Portable]]);

/** A point lies in a closed trace: its straight sides as an area, and each half circle as what it is. */
function covers(Trace $trace, float $x, float $y): bool
{
    $points = $trace->points;
    foreach ($points as $i => $from) {
        $to = $points[($i + 1) % count($points)];
        $radius = hypot($to->x - $from->x, $to->y - $from->y) / 2;
        if ($from->bulge === 1.0 && hypot($x - ($from->x + $to->x) / 2, $y - ($from->y + $to->y) / 2) < $radius) {
            return true;
        }
    }

    return (new Polygon(array_map(fn (Corner $c): Point => new Point($c->x, $c->y), $points)))->contains(new Point($x, $y));
}

it('refuses a plan that cannot be', function (callable $make, string $field, string $says) {
    expect($make)->toThrow(function (Refused $refused) use ($field, $says) {
        expect($refused->field)->toBe($field)->and($refused->getMessage())->toContain($says);
    });
})->with([
    'an outline that crosses itself' => [
        fn () => new PlannedBuilding(
            'b', 'Barn', BuildingKind::Other, [new Point(0, 0), new Point(4, 4), new Point(4, 0), new Point(0, 4)],
        ),
        'corners', 'crosses itself',
    ],
    'an opening off its wall' => [
        fn () => new PlannedBuilding('b', 'Barn', BuildingKind::Other, box(0, 0, 10, 8), null, [
            new WallOpening('o', OpeningKind::Door, 2, 6, 3),
        ]), 'from_ft', 'wall 2 of Barn is 8 ft long; the door would end at 9 ft',
    ],
    'a wall that is not there' => [
        fn () => new PlannedBuilding('b', 'Barn', BuildingKind::Other, box(0, 0, 10, 8), null, [
            new WallOpening('o', OpeningKind::Door, 5, 6, 3),
        ]), 'wall', 'walls 1 to 4',
    ],
    'a lot that crosses itself' => [
        fn () => new SitePlan(property: [new Point(0, 0), new Point(4, 4), new Point(4, 0), new Point(0, 4)]), 'property', 'crosses itself',
    ],
    'two ways of one kind' => [
        fn () => new SitePlan(routes: [
            new Route(RouteKind::Cord, [new Point(0, 0), new Point(1, 0)]), new Route(RouteKind::Cord, [new Point(0, 0), new Point(2, 0)]),
        ]), 'routes', 'two were given',
    ],
    'one id for two things' => [
        fn () => new SitePlan([new PlannedBuilding('a', 'Barn', BuildingKind::Other, box(0, 0, 9, 9))], [], [
            new PlanItem('a', PlanItemKind::Other, 0, 0, 1, 1),
        ]), 'id', 'one id: a',
    ],
]);

it('goes out with a job and comes in as the same', function (string $which) {
    $job = placed(DemoPlans::{$which}());
    $file = JobFile::standard();
    $back = $file->decode($file->encode($job));
    expect($back->plan)->toEqual($job->plan)->and($file->encode($back))->toBe($file->encode($job));
})->with(['dairy', 'rowHouse', 'lodge']);

it('reads an outline as one types it', function (string $text, ?array $corners) {
    expect(OutlineWords::corners($text))->toEqual($corners);
})->with([
    ['46 x 28', [[0, 0], [46, 0], [46, 28], [0, 28]]], ['46 × 28 ft at 10, -5', [[10, -5], [56, -5], [56, 23], [10, 23]]],
    ['46.5 by 28', [[0, 0], [46.5, 0], [46.5, 28], [0, 28]]], ['40 left 28 left 40', [[0, 0], [40, 0], [40, 28], [0, 28]]],
    ['40 L 28 L 40 L 28 at 1,2', [[1, 2], [41, 2], [41, 30], [1, 30]]], ['10 r 5 l 3', [[0, 0], [10, 0], [10, -5], [13, -5]]],
    ['0,0 46,0 46,28', null], ['a barn', null], ['', null], ['46 x', null],
]);

it('draws numbers of walls, north, the scale and every distance that counts', function () {
    $job = placed(site(new MachineSpot(43, 10)));
    $drawn = Drawn::of((new SitePlanDrawing(new Design($job)))->drawing());
    $words = array_map(
        fn (Text $t): string => $t->words, array_values(array_filter($drawn->elements, fn ($e): bool => $e instanceof Text)),
    );
    expect($words)->toContain('1: 40 ft')->toContain('House')->toContain('10 ft')->toContain('N')->toContain('3 ft')
        ->and(array_filter($drawn->elements, fn ($e): bool => $e instanceof Circle))->toBe([])
        ->and((new SitePlanDrawing(new Design($job)))->drawing()->sheet->widthMm() / 304.8)->toEqualWithDelta(132.0, 0.01);
});

it('writes no words over others, wherever the machine stands', function (float $x, float $y, PlanSide $exhaust) {
    $thing = fn (string $id, PlanItemKind $kind, float $x, float $y): PlanItem => new PlanItem($id, $kind, $x, $y, 1, 1);
    $plan = site(
        new MachineSpot($x, $y, $exhaust), true, $thing('g', PlanItemKind::GasMeter, 40.5, 16), $thing('i', PlanItemKind::Inlet, 40.5, 8),
        $thing('p', PlanItemKind::Panel, 38, 7),
    )->with(routes: [
        new Route(RouteKind::Trench, [new Point($x, $y), new Point(40, 9)]),
    ]);
    $drawn = Drawn::of((new SitePlanDrawing(new Design(placed($plan, MachineKind::Standby))))->drawing());
    $boxes = [];
    foreach ($drawn->elements as $text) {
        if ($text instanceof Text && $text->words !== '') {
            $wide = mb_strlen($text->words) * 5.5;
            $left = ['start' => 0.0, 'middle' => $wide / 2, 'end' => $wide][$text->anchor->value];
            $boxes[$text->words] = new Box($text->x - $left, $text->y - 9, $wide, 10);
        }
    }
    $names = array_keys($boxes);
    foreach ($names as $i => $one) {
        foreach (array_slice($names, $i + 1) as $other) {
            expect($boxes[$one]->overlaps($boxes[$other]))->toBeFalse("\"$one\" and \"$other\" with the machine at $x, $y");
        }
    }
})->with([
    [47, 10, PlanSide::Right], [60, 12, PlanSide::Left], [45, 16, PlanSide::Top], [10, -12, PlanSide::Bottom], [-9, 5, PlanSide::Left],
]);

it('writes where snow comes down beside the house, not across its walls', function (PlanSide $side) {
    $site = site(new MachineSpot(60, 45))->with(property: [], snowSide: $side);
    $plan = new SitePlanDrawing(new Design(placed($site, MachineKind::Standby)));
    $snow = array_values(array_filter(
        Drawn::of($plan->drawing())->elements, fn ($e): bool => $e instanceof Text && str_starts_with($e->words, 'snow'),
    ));
    [$left, $top] = [$plan->at->x(0), $plan->at->y(30)];
    $house = new Box($left, $top, $plan->at->x(40) - $left, $plan->at->y(0) - $top);
    $wide = mb_strlen($snow[0]->words) * 5.5;
    $from = ['start' => 0.0, 'middle' => $wide / 2, 'end' => $wide][$snow[0]->anchor->value];
    expect($snow)->toHaveCount(1)->and((new Box($snow[0]->x - $from, $snow[0]->y - 9, $wide, 10))->overlaps($house))->toBeFalse();
})->with([PlanSide::Left, PlanSide::Right, PlanSide::Top, PlanSide::Bottom]);

it('gives Wire the length of its ways where none is typed, a cord with slack', function () {
    $plan = site(new MachineSpot(60, 10))->with(routes: [
        new Route(RouteKind::Cord, [new Point(60, 10), new Point(45, 10), new Point(45, 4)]),
        new Route(RouteKind::Trench, [new Point(60, 10), new Point(40, 10)]),
    ]);
    $length = fn (WireRun $typed): array => array_map(
        fn (Conductor $c): ?float => $c->lengthFt,
        array_slice(
            (new Design(Changed::of(placed($plan, MachineKind::Portable), wire: $typed)->with($plan)))->assembly()->conductors(), 0, 2,
        ),
    );
    expect($length(new WireRun))->toBe([26.0, 20.0])->and($length(new WireRun(40.0, 33.0)))->toBe([40.0, 33.0])
        ->and($length(new WireRun(null, 33.0)))->toBe([26.0, 33.0]);
});

it('draws the working space on the sides that a machine is served from', function (array $served, int $drawn) {
    $job = placed(site(new MachineSpot(60, 10, served: $served)));
    $paths = array_filter(
        Drawn::of((new SitePlanDrawing(new Design($job)))->drawing())->elements,
        fn (object $e): bool => $e instanceof Path && $e->ink === SiteInk::Work,
    );
    expect($paths)->toHaveCount($drawn);
})->with([[[PlanSide::Top], 1], [[], 0]]);

it('tells the owner on the card where the machine stands, and nothing of a place that is too near', function (float $x, string $says) {
    $job = placed(site(new MachineSpot($x, 10)), MachineKind::Portable);
    $steps = array_map(fn (OwnerStep $s): string => $s->do, SwitchingCard::of(Review::of($job))->toGenerator);
    expect(implode(' ', $steps))->toContain($says);
})->with([
    [62.5, 'outdoors, level, at its place, 22 ft from House, exhaust away from it.'], [50.0, 'outdoors, level, in place.'],
]);

it('judges every machine that stands there, each against the others too, and hears them together', function () {
    $alone = placed(site(new MachineSpot(60, 10)), rules: new LocalRules(nightDb: 60));
    $two = fn (float $x): Job => $alone->with($alone->plan->with(more: [new MachineSpot($x, 10)]));
    $places = (new Design($two(66)))->places();
    expect($places)->toHaveCount(2)->and($places[0]->spot->x)->toBe(60.0)->and($places[1]->spot->x)->toBe(66.0)
        ->and((new Design($alone))->places())->toHaveCount(1)
        ->and(implode(' ', array_map(fn (PlaceRow $row): string => $row->what, $places[0]->rows())))->toContain('working space: machine 2');
    // The second stands where the first would not be taken: at the line.
    $near = (new Design($two(60)->with($two(60)->plan->with(more: [new MachineSpot(77, 10)]))));
    expect(array_filter($near->places()[0]->rows(), fn (PlaceRow $row): bool => $row->isBroken()))->toBe([])
        ->and(array_filter($near->places()[1]->rows(), fn (PlaceRow $row): bool => $row->isBroken()))->not->toBe([])
        ->and(codes($near->job))->toContain('PROPERTY_NEAR');
    $one = PlannedPlace::of($alone)->noise();
    $both = PlannedPlace::of($alone->with($alone->plan->with(more: [new MachineSpot(60, 10)])))->noise();
    // Two that are as loud, at one place, are 3 dB more.
    expect($both[0]->db - $one[0]->db)->toEqualWithDelta(10 * log10(2), 0.01);
});

it('knows by the flood line whether water reaches a machine, and not where a height is not known', function (
    array $flood, ?float $water, ?float $platform, ?bool $above,
) {
    $job = placed(site(new MachineSpot(60, 10, platformIn: $platform)))->with(new Site(level: true, aboveFlood: true, snowIn: 0));
    $job = $job->with($job->plan->with(flood: $flood, floodIn: $water));
    expect(PlannedPlace::of($job)->isAboveFlood())->toBe($above)->and(in_array('SNOW_FLOOD', codes($job), true))->toBe($above === false);
})->with([
    'not drawn' => [[], null, null, null], 'beside it' => [box(100, 0, 20, 20), 20, null, true],
    'in it' => [box(50, 0, 40, 40), 20, 12, false], 'in it, on a platform' => [box(50, 0, 40, 40), 20, 24, true],
    'as high as its platform' => [box(50, 0, 40, 40), 20, 20, false], 'in it, and nobody measured' => [box(50, 0, 40, 40), null, 24, null],
]);

it('makes a level pad higher where the ground falls', function () {
    $job = placed(site(new MachineSpot(60, 10, PlanSide::Right)));
    $falls = fn (?PlanSide $side, ?float $pct): ?float => PlannedPlace::of(
        $job->with($job->plan->with(fallSide: $side, fallPct: $pct)),
    )->padFallIn();
    [$w, $d] = PlannedPlace::of($job)->padFt();
    expect($falls(PlanSide::Top, 5))->toEqualWithDelta($d * 0.05 * 12, 1e-9)->and($falls(PlanSide::Left, 5))
        ->toEqualWithDelta($w * 0.05 * 12, 1e-9)
        ->and($falls(null, 5))->toBeNull()->and($falls(PlanSide::Top, null))->toBeNull()->and($w)->not->toBe($d);
});

it('keeps from the gas meter what the utility says, where it was asked', function () {
    $needs = fn (?float $ft): float => array_values(array_filter(PlannedPlace::of(placed(
        site(new MachineSpot(60, 10), true, new PlanItem('g', PlanItemKind::GasMeter, 70, 10, 1, 1)),
        rules: new LocalRules(gasMeterFt: $ft),
    ))->rows(), fn (PlaceRow $row): bool => $row->what === 'gas meter'))[0]->neededFt;
    expect($needs(null))->toBe(3.0)->and($needs(8.0))->toBe(8.0);
});

it('keeps a propane tank from buildings and lines by its size, and says why it is not judged', function () {
    $job = fn (?float $gal, PlanItem ...$tanks): Job => placed(site(new MachineSpot(60, 10), true, ...$tanks))
        ->with(new Site(propaneTankGal: $gal));
    $tank = new PlanItem('t', PlanItemKind::Tank, 30, 40, 6, 3);
    $needs = fn (float $gal): array => array_values(array_unique(array_map(fn (PlaceRow $r): float => $r->neededFt,
        TankPlace::rows($job($gal, $tank)))));
    expect($needs(124))->toBe([0.0])->and($needs(125))->toBe([10.0])->and($needs(500))->toBe([10.0])->and($needs(501))->toBe([25.0])
        ->and(TankPlace::rows($job(2_001, $tank)))->toBe([])->and(TankPlace::missing($job(2_001, $tank)))->toContain('over 2,000 gal')
        ->and(TankPlace::missing($job(null, $tank)))->toBe('the size of the propane tank')->and(TankPlace::missing($job(250)))->toBe('')
        ->and(TankPlace::missing($job(250, $tank, new PlanItem('u', PlanItemKind::BuriedTank, 30, 60, 6, 3))))
        ->toContain('which of the tanks');
});

it('draws water, slope and every machine, and names them in its twin', function () {
    $job = placed(site(new MachineSpot(60, 10)));
    $job = $job->with($job->plan->with(
        flood: box(100, 0, 20, 20), floodIn: 18.0, fallSide: PlanSide::Bottom, fallPct: 4.0, more: [new MachineSpot(60, 30)],
    ));
    $drawing = (new SitePlanDrawing(new Design($job)))->drawing();
    $words = implode(' ', array_map(fn (Text $t): string => $t->words, array_values(array_filter(Drawn::of($drawing)->elements,
        fn ($e): bool => $e instanceof Text))));
    $twin = implode("\n", array_map(fn (array $row): string => implode(' ', $row), $drawing->twin));
    expect($words)->toContain('flood line, water 18 in')->toContain('ground falls 4 %')->and($twin)->toContain('machine 2 60,30')
        ->toContain('flood line 100,0 120,0 120,20 100,20');
    expect(JobFile::standard()->decode(JobFile::standard()->encode($job))->plan)->toEqual($job->plan)
        ->and(fn () => new SitePlan(flood: [new Point(0, 0), new Point(4, 4), new Point(4, 0), new Point(0, 4)]))
        ->toThrow(Refused::class, 'Flood line');
});

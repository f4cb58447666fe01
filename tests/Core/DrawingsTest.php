<?php

declare(strict_types=1);

namespace Tests\Core\DrawingsTest;

use DOMDocument;
use LogicException;
use Tests\Support\Drawn;
use Tests\Support\DxfReader;
use Tests\Support\Houses;
use Tests\Support\RandomHouse;
use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Board\BoardInk;
use Underpin\Drawing\Board\BoardLayout;
use Underpin\Drawing\Board\BoardSize;
use Underpin\Drawing\Board\Highlights;
use Underpin\Drawing\Board\PanelBoard;
use Underpin\Drawing\Box;
use Underpin\Drawing\Colour;
use Underpin\Drawing\DesignDrawing;
use Underpin\Drawing\Directory\DirectoryInk;
use Underpin\Drawing\Directory\DoorDirectory;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Drawings;
use Underpin\Drawing\Element\Circle;
use Underpin\Drawing\Element\Line;
use Underpin\Drawing\Element\Link;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Placed;
use Underpin\Drawing\Element\Point;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\Element\Trace;
use Underpin\Drawing\Hatch;
use Underpin\Drawing\Layer;
use Underpin\Drawing\Plot\LoadMap;
use Underpin\Drawing\Plot\MapInk;
use Underpin\Drawing\Plot\PlotInk;
use Underpin\Drawing\Plot\RecordingPlot;
use Underpin\Drawing\Plot\SpareChart;
use Underpin\Drawing\Service\ServiceDrawing;
use Underpin\Drawing\Service\ServiceInk;
use Underpin\Drawing\Sheet;
use Underpin\Drawing\Slope;
use Underpin\Drawing\Spot;
use Underpin\Drawing\StageDotInk;
use Underpin\Drawing\StagesReached;
use Underpin\Drawing\Strip\LegStrip;
use Underpin\Drawing\Strip\StripDrawing;
use Underpin\Drawing\Strip\StripInk;
use Underpin\Drawing\Symbol;
use Underpin\Drawing\Writer\DxfFile;
use Underpin\Drawing\Writer\SvgFile;
use Underpin\Drawing\Writer\SvgPage;
use Underpin\Job\Circuit;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Job\Role;
use Underpin\Job\Site;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Measure\Interval\IntervalSeries;
use Underpin\Measure\Interval\LoadYear;
use Underpin\Measure\Interval\Zone;
use Underpin\Measure\Mark;
use Underpin\Measure\Reading;
use Underpin\Service\Distribution;
use Underpin\Sizing\Ranking;

function overlap(Box $one, Box $other): bool
{
    return $one->x < $other->right() - 0.01
        && $other->x < $one->right() - 0.01
        && $one->y < $other->bottom() - 0.01
        && $other->y < $one->bottom() - 0.01;
}

function expectInside(Drawing $drawing): void
{
    $outside = array_filter(Drawn::of($drawing)->boxes(), fn (Box $box): bool => $box->x < -1 || $box->y < -1
        || $box->right() > $drawing->sheet->width + 1 || $box->bottom() > $drawing->sheet->height + 1);
    expect($outside)->toBe([]);
}

/** @param  list<Box>  $boxes */
function expectApart(array $boxes): void
{
    foreach ($boxes as $i => $box) {
        foreach (array_slice($boxes, $i + 1) as $other) {
            expect(overlap($box, $other))->toBeFalse();
        }
    }
}

function recording(int $seed): RecordingPlot
{
    mt_srand($seed);
    $plot = new RecordingPlot(0, 60_000, 5);
    for ($ms = 0; $ms <= 60_000; $ms += 500) {
        $plot->add(new Reading($ms, mt_rand(0, 400) / 10, mt_rand(0, 400) / 10));
    }

    return $plot;
}

function year(int $seed): LoadYear
{
    mt_srand($seed);
    $series = new IntervalSeries;
    for ($hour = 0; $hour < 24 * 40; $hour++) {
        $series->add(1_767_225_600 + 3600 * $hour, (float) mt_rand(0, 9000));
    }

    return $series->picture(Zone::Eastern, 3600, 1.0, false);
}

/** @return list<Drawing> every kind that there is, of one house */
function everyDrawing(int $seed): array
{
    $design = new Design(RandomHouse::job($seed));

    return [
        ...array_merge(...array_map(fn (DesignDrawing $d): array => $d->sheets($design), Drawings::standard()->all())),
        (new StripDrawing(LegStrip::of($design)))->drawing(),
        StagesReached::drawing(6, $seed % 6),
        recording($seed)->drawing([new Mark(5_000, 'pump <on> & "off"')], []),
        (new LoadMap(year($seed)))->drawing(),
        (new SpareChart(Ranking::of($design->onGenerator(), [Houses::machine(8000, 10000)], 20, new Site), 20, '', 1000))->drawing(),
    ];
}

it('draws no two boxes of a service over each other, and all of them inside', function (int $seed) {
    $service = Distribution::of(RandomHouse::job($seed));
    $drawing = (new ServiceDrawing($service))->drawing();
    $boxes = array_map(fn (Rect $r): Box => $r->box, Drawn::of($drawing, 'equipment')->only(Rect::class));
    expect($boxes)->toHaveCount(count($service->nodes));
    expectApart($boxes);
    expectInside($drawing);
    // Every box is reached by conductors: from the edge, or from the right side of another box.
    foreach (Drawn::of($drawing, 'conductors')->only(Path::class) as $i => $path) {
        $points = $path->traces[0]->points;
        expect([end($points)->x, end($points)->y])->toBe([$boxes[$i]->x, $boxes[$i]->middle()]);
        $from = array_filter($boxes, fn (Box $b): bool => $b->right() === $points[0]->x && $b->middle() === $points[0]->y);
        expect($points[0]->x === 0.0 || $from !== [])->toBeTrue();
    }
})->with(range(1, 25));

it('says in a service where the bond is, what stays live and which breaker feeds', function () {
    $drawing = (new ServiceDrawing(Distribution::of(Houses::small())))->drawing();
    $drawn = Drawn::of($drawing);
    $bonded = array_filter(Distribution::of(Houses::small())->nodes, fn ($n) => $n->bonded === true);
    expect($drawn->only(Placed::class))->toHaveCount(count($bonded))
        ->and(count(array_keys($drawn->words(), 'neutral bonded', true)))->toBe(count($bonded))
        ->and(Drawn::of($drawing, 'live-parts')->elements)->toHaveCount(count(Distribution::of(Houses::small())->nodes) - 1);
});

it('says of every box with a neutral that its bond was not looked at, in a sub-panel too', function (int $seed) {
    $service = Distribution::of(RandomHouse::job($seed));
    $unknown = array_filter($service->nodes, fn ($n) => $n->parent !== null && $n->bonded === null);
    $words = Drawn::of((new ServiceDrawing($service))->drawing())->words();
    expect(array_keys($words, 'bond: not looked', true))->toHaveCount(count($unknown));
})->with(range(1, 25));

it('draws no two breakers of a board over each other, and every one of them', function (int $seed) {
    $job = RandomHouse::job($seed);
    foreach ($job->service->panels as $panel) {
        $drawing = (new PanelBoard($panel, new Design($job)))->drawing();
        $faces = array_values(array_filter(
            Drawn::of($drawing, 'breakers')->only(Rect::class),
            fn (Rect $r): bool => in_array($r->ink, [BoardInk::Face, BoardInk::FaceOff], true),
        ));
        $quads = array_filter($panel->circuits, fn (Circuit $c) => $c->position->poles === 2 && $c->position->half?->value === 'a');
        expect($faces)->toHaveCount(count($panel->circuits) + count($quads))
            ->and(Drawn::of($drawing, 'breakers')->links)->toHaveCount(count($panel->circuits));
        expectApart(array_map(fn (Rect $r): Box => $r->box, $faces));
        expectInside($drawing);
    }
})->with(range(1, 15));

it('lays a board out for any number of spaces, one inch each', function (int $spaces) {
    $job = Houses::small();
    $panel = new Panel('p', 'Panel', $spaces);
    $drawing = (new PanelBoard($panel, new Design($job)))->drawing();
    $free = Drawn::of($drawing, 'free');
    expect($free->links)->toHaveCount($spaces)
        ->and($drawing->sheet->heightMm() - 2 * 25.4)->toBeGreaterThan($spaces / 2 * 25.4)
        ->and(array_map(fn (Link $l): ?int => $l->to->space, $free->links))->toBe(range(1, $spaces));
    $boxes = array_map(fn (Rect $r): Box => $r->box, $free->only(Rect::class));
    expectApart($boxes);
    expect($boxes[0]->y)->toBe($boxes[1]->y)
        ->and((new BoardLayout($spaces, BoardSize::wide()))->row(3)->y - (new BoardLayout($spaces, BoardSize::wide()))->row(1)->y)
        ->toEqualWithDelta(25.4 / $drawing->sheet->mmPerUnit, 1e-9);
})->with([2, 8, 42, 84]);

it('names every circuit in the directory of a door, on one letter sheet whatever the size of the panel', function (int $spaces) {
    $circuits = array_map(
        fn (int $space): Circuit => Houses::circuit((string) $space, 1, $space % 3 === 0 ? Role::Must : Role::Off, name: "Circuit $space"),
        range(1, $spaces),
    );
    $drawing = (new DoorDirectory(new Panel('p', 'Panel', $spaces, circuits: $circuits)))->drawing();
    $drawn = Drawn::of($drawing, 'circuits');
    $names = array_values(array_filter($drawn->words(), fn (string $word): bool => str_starts_with($word, 'Circuit')));
    expect($names)->toBe(array_map(fn (Circuit $c): string => $c->name, $circuits))
        ->and($drawn->only(Rect::class))->toHaveCount(intdiv($spaces, 3))
        ->and($drawing->sheet->heightMm())->toBeLessThan(11 * 25.4 - 40);
    expectInside($drawing);
})->with([2, 12, 42, 84]);

it('marks the role on the outer edge, so that it survives grey print', function (Role $role, array $inks) {
    $job = Houses::small();
    foreach ($job->service->panels[0]->circuits as $circuit) {
        $link = (new PanelBoard($job->service->panels[0], new Design($job)))->breaker($circuit->with(role: $role));
        $marks = array_values(array_filter(
            $link->elements,
            fn ($e) => $e instanceof Rect && in_array($e->ink, [BoardInk::Bar, BoardInk::BarFrame, BoardInk::FaceOff], true),
        ));
        expect(array_map(fn (Rect $r) => $r->ink, $marks))->toBe($inks);
        $box = (new BoardLayout(40, BoardSize::wide()))->box($circuit->position);
        foreach ($marks as $mark) {
            expect($circuit->position->space % 2 === 1 ? $mark->box->x === $box->x : $mark->box->right() === $box->right())->toBeTrue();
        }
    }
})->with([
    [Role::Must, [BoardInk::Bar]], [Role::Room, [BoardInk::BarFrame, BoardInk::Bar]], [Role::Off, [BoardInk::FaceOff]],
]);

it('draws the right column as the mirror image of the left', function () {
    $job = Houses::small();
    $board = new PanelBoard($job->service->panels[0], new Design($job));
    $circuit = $job->service->panels[0]->circuits[0];
    [$left, $right] = array_map(
        fn (int $space): array => array_map(
            fn (Rect $r): array => [$r->box->x, $r->box->right()],
            array_values(array_filter(
                $board->breaker($circuit->with(position: new Position($space)))->elements, fn ($e) => $e instanceof Rect,
            )),
        ),
        [5, 6],
    );
    foreach ($left as $i => [$from, $to]) {
        expect($right[$i])->toBe([BoardSize::wide()->width - $to, BoardSize::wide()->width - $from]);
    }
});

it('shows what is selected and what is flagged, and nothing else so', function () {
    $job = Houses::small();
    $panel = $job->service->panels[0];
    $id = $panel->circuits[1]->id;
    $drawing = (new PanelBoard($panel, new Design($job), new Highlights($id, $panel->id, $panel->freeSpaces()[0], [$id])))->drawing();
    $links = Drawn::of($drawing)->links;
    $selected = array_values(array_filter($links, fn (Link $l): bool => $l->isSelected));
    expect(array_map(fn (Link $l) => $l->to, $selected))->toEqual([Spot::space($panel->id, $panel->freeSpaces()[0]), Spot::circuit($id)])
        ->and(array_filter($links, fn (Link $l): bool => str_contains($l->spoken, 'has findings')))->toHaveCount(1)
        ->and(SvgPage::inner($drawing, fn (Spot $s): string => '/at/'.($s->circuit ?? $s->space)))
        ->toContain("<a id=\"c-$id\" class=\"breaker is-selected\" aria-current=\"true\" href=\"/at/$id\"");
});

it('writes every drawing as SVG and DXF that can be read back, whatever things are called', function (int $seed) {
    foreach (everyDrawing($seed) as $drawing) {
        $page = new DOMDocument;
        expect($page->loadXML('<svg>'.SvgPage::inner($drawing, fn (): string => '/').'</svg>'))->toBeTrue();
        $print = new DOMDocument;
        expect($print->loadXML((new SvgFile)->write($drawing)))->toBeTrue();
        $drawn = Drawn::of($drawing);
        expect($print->getElementsByTagName('text')->length)->toBe(count($drawn->only(Text::class)))
            ->and($page->getElementsByTagName('text')->length)->toBe(count($drawn->only(Text::class)))
            ->and($print->saveXML())->not->toContain('class=')->not->toContain('var(');

        $dxf = new DxfReader((new DxfFile)->write($drawing));
        expect($dxf->layers())->toBe(array_map(fn (Layer $l): string => strtoupper($l->name), $drawing->layers))
            ->and($dxf->entities('TEXT'))->toHaveCount(count($drawn->only(Text::class)))
            ->and($dxf->entities('INSERT'))->toHaveCount(count($drawn->only(Placed::class)));
        [$layers, $width, $height] = [$dxf->layers(), $drawing->sheet->widthMm() + 1, $drawing->sheet->heightMm() + 1];
        $strange = array_filter($dxf->entities(), fn (array $entity): bool => match (true) {
            $entity[0] === 'SEQEND' => false,
            ! in_array($entity[8], $layers, true) => true,
            ! isset($entity[10]) || $entity[0] === 'POLYLINE' => false,
            default => $entity[10] < -1 || $entity[10] > $width || $entity[20] < -1 || $entity[20] > $height,
        });
        expect($strange)->toBe([])->and($dxf->entities())->not->toBe([]);
    }
})->with(range(1, 5));

it('keeps hostile words words', function () {
    $words = "</text><script>x</script> \"'&\n0\nLINE é…";
    $drawing = new Drawing($words, Sheet::diagram(100, 100), [new Layer('a', [
        new Link(Spot::circuit('x'), 'breaker', 'c-"x', $words, $words, false, ['at' => '"><b>'], [
            new Text(1, 2, $words, PlotInk::Words, Anchor::End),
        ]),
    ])]);
    $page = SvgPage::inner($drawing, fn (): string => '/"><i>');
    expect($page)->not->toContain('<script')->not->toContain('<b>')->not->toContain('<i>')
        ->and((new SvgFile)->write($drawing))->not->toContain('<script');
    $dxf = new DxfReader((new DxfFile)->write($drawing));
    expect($dxf->entities())->toHaveCount(1)
        ->and($dxf->entities()[0][1])->toBe('</text><script>x</script> "\'& 0 LINE \\U+00E9\\U+2026');
});

it('writes a sheet that stretches in shares of its width, and no path on it', function () {
    $rect = new Rect(new Box(100, 3, 50, 4), StripInk::Track);
    $drawing = fn (...$elements): Drawing => new Drawing('t', Sheet::stretching(200, 10), [new Layer('a', $elements)]);
    expect(SvgPage::inner($drawing($rect)))->toContain('x="50%" y="3" width="25%" height="4"')
        ->and(SvgPage::size(Sheet::stretching(200, 10)))->toBe('width="100%" height="10"')
        ->and(SvgPage::size(Sheet::diagram(200, 10)))->toBe('viewBox="0 0 200 10"')
        ->and(fn () => SvgPage::inner($drawing(new Path([Trace::through([0.0, 0.0], [1.0, 1.0])], PlotInk::LegA))))
        ->toThrow(LogicException::class);
});

it('bends a path the same way on a page and in CAD', function () {
    // A quarter of a circle of radius 6 from (0, 6) to (6, 0), clockwise as seen: over the upper left.
    $path = new Path([Trace::open([new Point(0, 6, tan(M_PI / 8)), new Point(6, 0)])], PlotInk::LegA);
    $drawing = new Drawing('t', Sheet::scaled(10, 10, 2.0), [new Layer('a', [$path])]);
    $vertices = (new DxfReader((new DxfFile)->write($drawing)))->entities('VERTEX');
    expect(SvgPage::inner($drawing))->toContain('d="M0 6a6 6 0 0 1 6 -6"')
        ->and((float) $vertices[0][42])->toEqualWithDelta(-tan(M_PI / 8), 1e-3)
        ->and([$vertices[0][10], $vertices[0][20]])->toBe(['0.000', '8.000'])
        ->and([$vertices[1][10], $vertices[1][20]])->toBe(['12.000', '20.000']);
});

it('places a symbol where it is said, on a page and in CAD', function () {
    $sign = new Symbol('bond', [new Line(0, 0, 0, 7, ServiceInk::Bond)]);
    $drawing = new Drawing('t', Sheet::scaled(100, 50, 1.0), [
        new Layer('a', [new Placed($sign, 10, 20), new Placed($sign, 30, 20)]),
    ]);
    $dxf = new DxfReader((new DxfFile)->write($drawing));
    expect($dxf->blocks())->toHaveCount(1)
        ->and(array_map(fn (array $e) => [$e[2], $e[10], $e[20]], $dxf->entities('INSERT')))
        ->toBe([['BOND', '10.000', '30.000'], ['BOND', '30.000', '30.000']])
        ->and(SvgPage::inner($drawing))->toContain('translate(10 20)');
});

it('hatches a face within its edges, evenly', function (Slope $slope) {
    $box = new Box(10, 20, 30, 8);
    $lines = (new Hatch(Colour::Ink, 1, 3, [$slope]))->over($box);
    $length = 0.0;
    foreach ($lines as [$x1, $y1, $x2, $y2]) {
        foreach ([[$x1, $y1], [$x2, $y2]] as [$x, $y]) {
            expect($x)->toBeGreaterThanOrEqual(10 - 1e-9)->toBeLessThanOrEqual(40 + 1e-9)
                ->and($y)->toBeGreaterThanOrEqual(20 - 1e-9)->toBeLessThanOrEqual(28 + 1e-9);
        }
        expect(abs($x2 - $x1))->toEqualWithDelta(abs($y2 - $y1), 1e-9);
        $falls = ($x2 - $x1) * ($y2 - $y1) >= 0;
        expect($falls || abs($x2 - $x1) < 1e-9)->toBe($slope === Slope::Falling || abs($x2 - $x1) < 1e-9);
        $length += hypot($x2 - $x1, $y2 - $y1);
    }
    // A face of so many square units holds its area divided by the spacing in length of line.
    expect($length)->toEqualWithDelta(30 * 8 / 3, 8);
})->with([Slope::Rising, Slope::Falling]);

it('has a pen for every ink, and an ink for no colour that the theme does not have', function () {
    $theme = (string) file_get_contents(dirname(__DIR__, 2).'/resources/css/_tokens.scss');
    $light = substr($theme, 0, (int) strpos($theme, 'html[data-theme="night"]'));
    foreach (Colour::cases() as $colour) {
        if (! str_starts_with($colour->name, 'Level')) {
            $name = ltrim(strtolower((string) preg_replace('/([A-Z])/', '-$1', $colour->name)), '-');
            expect($light)->toContain("--$name: $colour->value;");
        }
    }
    $inks = [BoardInk::class, DirectoryInk::class, ServiceInk::class, StripInk::class, PlotInk::class, MapInk::class, StageDotInk::class];
    foreach (array_merge(...array_map(fn (string $enum): array => $enum::cases(), $inks)) as $ink) {
        $pen = $ink->pen();
        expect($pen->fill ?? $pen->stroke)->not->toBeNull()
            ->and($pen->stroke === null || $pen->width > 0)->toBeTrue();
    }
});

it('fills a dot for every stage up to the one that a job has reached', function (int $stages, int $reached) {
    $dots = Drawn::of(StagesReached::drawing($stages, $reached))->only(Circle::class);
    $inks = array_map(fn (Circle $c) => $c->ink, $dots);
    expect(count(array_keys($inks, StageDotInk::Reached, true)))->toBe($reached + 1)
        ->and(count(array_keys($inks, StageDotInk::Open, true)))->toBe($stages - $reached - 1);
    expectInside(StagesReached::drawing($stages, $reached));
})->with([[6, 0], [6, 5], [11, 3]]);

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
    $drawing = $map->drawing();
    $cells = [];
    foreach (Drawn::of($drawing, 'hours')->only(Path::class) as $path) {
        foreach ($path->traces as $trace) {
            [$from, , $to] = $trace->points;
            foreach (range(0, intdiv((int) ($to->y - $from->y), 11) - 1) as $hour) {
                $cells["$from->x ".($from->y + $hour * 11)][] = $path->ink;
            }
        }
    }
    expectInside($drawing);
    expect($cells)->toHaveCount(366 * 24)
        ->and(max(array_map(count(...), $cells)))->toBe(1)
        ->and($map->years())->toBe(2)
        ->and(array_slice(Drawn::of($drawing, 'scale')->words(), 0, 6))->toBe(['00:00', '06:00', '12:00', '18:00', 'Apr', 'May'])
        ->and(count(Drawn::of($drawing, 'scale')->only(Line::class)))->toBe(12)
        ->and($map->steps())->toHaveCount(8)
        ->and(array_sum(array_column($map->table(), 'hours')))->toBeLessThan(366 * 24)->toBeGreaterThan(360 * 24);
    $before = new LoadMap($map->year, 1);
    expect(min($before->days))->toBe(array_key_first($map->year->days))
        ->and([...Drawn::of($drawing, 'peak')->elements, ...Drawn::of($before->drawing(), 'peak')->elements])->toHaveCount(1);
});

it('writes as much beside a mark as fits before the next', function () {
    $plot = new RecordingPlot(0, 84_600, 5);
    $marks = [
        new Mark(0, 'boiler on'), new Mark(10_000, '', 'c5'), new Mark(20_000, 'a longer story'), new Mark(20_900, 'too near'),
        new Mark(60_000, 'gone', 'c9'),
    ];
    $drawn = Drawn::of($plot->drawing($marks, ['c5' => '5–7 Deep well pump of the barn']), 'marks');
    $words = $drawn->only(Text::class);
    $lines = $drawn->only(Line::class);
    expect($drawn->words())->toBe(['boiler on', '5–7 Deep w…', '', 'too near', 'gone'])
        ->and(array_map(fn (Line $l): float => $l->x1, $lines))->toEqual([50, 150, 250, 259, 650]);
    foreach ($words as $i => $text) {
        expect($text->x + 7.4 * mb_strlen($text->words))->toBeLessThan($lines[$i + 1]->x1 ?? 900);
    }
});

it('keeps a recording within its plot, with its highest moment on it', function () {
    $readings = array_map(fn (int $i) => new Reading(1000 + $i * 100, 3.0 + ($i === 400 ? 44.0 : 0.0), 2.0), range(0, 900));
    $plot = new RecordingPlot(1000, 91_000, 5);
    array_walk($readings, $plot->add(...));
    $drawing = $plot->drawing([], []);
    [$legA, $legB] = Drawn::of($drawing, 'legs')->only(Path::class);
    $y = array_column($legA->traces[0]->points, 'y');
    $grid = Drawn::of($drawing, 'grid');
    $amps = array_map(floatval(...), $grid->words());
    $at = array_combine($grid->words(), array_map(fn (Line $l): float => $l->y1, $grid->only(Line::class)));
    expectInside($drawing);
    expect(array_column($legB->traces[0]->points, 'x'))->toEqual(range(50, 896))
        ->and(array_unique(array_column($legB->traces[0]->points, 'y')))->toHaveCount(1)
        ->and($amps)->toBe([0.0, 20.0, 40.0])
        // 47 A stands as far over 40 A as the scale of the two says.
        ->and($at['40 A'] - min($y))->toEqualWithDelta(7 / 20 * ($at['20 A'] - $at['40 A']), 0.2)
        ->and(Drawn::of($drawing, 'time')->words())->toBe(['0:01', '1:31']);
});

<?php

declare(strict_types=1);

namespace Tests\Core\OneLineTest;

use Tests\Support\Changed;
use Tests\Support\Drawn;
use Tests\Support\DxfReader;
use Tests\Support\Houses;
use Tests\Support\WayWithout;
use Underpin\Connection\Ways;
use Underpin\Design\Design;
use Underpin\Drawing\Anchor;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Path;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\OneLine\OneLine;
use Underpin\Drawing\OneLine\OneLineInk;
use Underpin\Drawing\Writer\DxfFile;
use Underpin\Drawing\Writer\SvgFile;
use Underpin\Job\Circuit;
use Underpin\Job\Disconnect;
use Underpin\Job\DisconnectPlace;
use Underpin\Job\Job;
use Underpin\Job\MachineKind;
use Underpin\Job\Marking;
use Underpin\Job\Outlet;
use Underpin\Job\Panel;
use Underpin\Job\PanelKind;
use Underpin\Job\Role;
use Underpin\Job\Service;
use Underpin\Job\SwitchKind;
use Underpin\Job\WireRun;
use Underpin\Sizing\FaultCurrent;

function draw(Job $job, ?Ways $ways = null): Drawing
{
    return (new OneLine(new Design($job, $ways)))->drawing();
}

/** So many panels side by side at the service, each behind its own disconnect, on one standby. */
function beside(int $panels): Job
{
    $ids = array_map(fn (int $n): string => "p$n", range(1, $panels));

    return Houses::job(
        'x', serviceAmps: 600, wire: new WireRun(null, 90),
        supply: Houses::supply(48_000, 61_000, 240, Outlet::Terminals, 200, MachineKind::StandbyLiquid), connection: 'automatic_several',
        service: new Service(DisconnectPlace::Cabinet, array_map(
            fn (string $id): Disconnect => new Disconnect("d-$id", "Disconnect $id", 200, true, Marking::Service), $ids,
        )),
        panels: array_map(fn (string $id): Panel => new Panel(
            $id, "Panel $id", 42, PanelKind::Sub, 200, fedFrom: "d-$id", bonded: false,
            circuits: [Houses::circuit('1', 1, Role::Must, 500, 500)->with(id: "$id-1")],
        ), $ids),
    );
}

/** So many circuits that must run, on a multi-circuit switch. */
function moved(int $circuits): Job
{
    $all = array_map(
        fn (int $n): Circuit => Houses::circuit((string) $n, 1, Role::Must, 100, 100, name: "A circuit of some length $n"),
        range(5, 4 + $circuits),
    );

    return Houses::job(
        'x', serviceAmps: 200, wire: new WireRun(25, 20), supply: Houses::supply(), connection: 'manual_switch',
        switchKind: SwitchKind::Pigtails,
        panels: [new Panel('main', 'Main panel', 42, PanelKind::Main, 200, true, 1, false, $all, bonded: true)],
    );
}

/** A letter is taken as seven units wide at 14, and eight at 16 and bold: a little wider than they are. */
function boxOf(Text $text): Box
{
    $width = mb_strlen($text->words) * ($text->ink === OneLineInk::Name || $text->ink === OneLineInk::Draft ? 8.4 : 7.0);
    $left = match ($text->anchor) {
        Anchor::Start => 0.0,
        Anchor::Middle => $width / 2,
        Anchor::End => $width,
    };

    return new Box($text->x - $left, $text->y - 12, $width, 15);
}

function overlap(Box $one, Box $other): bool
{
    return $one->x < $other->right() && $other->x < $one->right() && $one->y < $other->bottom() && $other->y < $one->bottom();
}

/** @return list<array{float, float, float, float}> every stretch of the conductors of one ink, without the symbols */
function stretches(Drawing $drawing, OneLineInk $ink): array
{
    $all = [];
    foreach (Drawn::of($drawing, 'conductors')->only(Path::class) as $path) {
        foreach ($path->ink === $ink ? $path->traces : [] as $trace) {
            for ($i = 1; $i < count($trace->points); $i++) {
                $all[] = [$trace->points[$i - 1]->x, $trace->points[$i - 1]->y, $trace->points[$i]->x, $trace->points[$i]->y];
            }
        }
    }

    return $all;
}

/** @return array<string, array{Job}> */
function designs(): array
{
    $jobs = [];
    foreach (array_keys(Ways::standard()->options()) as $way) {
        $jobs["small house, $way"] = [Changed::of(Houses::small(Houses::supply(), $way), wire: new WireRun(25, 20), serviceAmps: 200)];
    }
    foreach ([1, 7, 12] as $n) {
        $jobs["$n circuits on a switch"] = [moved($n)];
    }
    foreach ([1, 2, 3, 4] as $n) {
        $jobs["$n automatic switches"] = [beside($n)];
    }
    $jobs['no way picked'] = [Houses::small(Houses::supply())];
    $jobs['no machine picked'] = [Houses::small(null, 'interlock')];

    return $jobs;
}

it('writes nothing over anything else, and everything inside', function (Job $job) {
    $drawing = draw($job);
    $texts = Drawn::of($drawing)->only(Text::class);
    foreach ($texts as $i => $text) {
        $box = boxOf($text);
        expect($box->x >= -1 && $box->right() <= $drawing->sheet->width + 1 && $box->y >= 0 && $box->bottom() <= $drawing->sheet->height)
            ->toBeTrue($text->words);
        foreach (array_slice($texts, $i + 1) as $other) {
            expect(overlap($box, boxOf($other)))->toBeFalse("$text->words / $other->words");
        }
    }
})->with(designs());

it('lets no conductor of one source cross one of the other', function (Job $job) {
    $drawing = draw($job);
    expect(stretches($drawing, OneLineInk::Conductor))->not->toBe([]);
    foreach (stretches($drawing, OneLineInk::Conductor) as [$x1, $y1, $x2, $y2]) {
        foreach (stretches($drawing, OneLineInk::Generators) as [$u1, $v1, $u2, $v2]) {
            $apart = max($x1, $x2) < min($u1, $u2) || max($u1, $u2) < min($x1, $x2)
                || max($y1, $y2) < min($v1, $v2) || max($v1, $v2) < min($y1, $y2);
            expect($apart)->toBeTrue();
        }
    }
})->with(designs());

it('draws a band for every point of transfer', function (int $switches) {
    $words = Drawn::of(draw(beside($switches)))->words();
    expect(array_filter($words, fn (string $w): bool => $w === 'Automatic switch'))->toHaveCount($switches)
        ->and(array_filter($words, fn (string $w): bool => $w === 'rated 200 A'))->toHaveCount($switches)
        ->and(implode('|', $words))->toContain('Disconnect p1')->toContain('N–G bond')->toContain('fault current about');
})->with([1, 2, 3, 4]);

it('says of no bond that it is not there before somebody looked', function (?bool $ahead, ?bool $inside, array $said) {
    $job = beside(1);
    $with = $job->service->with(
        disconnects: [Changed::of($job->service->disconnects[0], bonded: $ahead)],
        panels: [$job->service->panels[0]->with(bonded: $inside)],
    );
    $words = Drawn::of(draw($job->with($with)))->words();
    expect(array_values(array_intersect($words, ['N–G bond', 'no bond', 'bond: not looked'])))->toBe($said);
})->with([
    'looked' => [true, false, ['N–G bond']], 'none ahead' => [false, true, ['N–G bond', 'no bond']],
    'nobody looked' => [null, null, ['bond: not looked', 'bond: not looked']], 'not ahead' => [null, false, ['bond: not looked']],
]);

it('says what each conductor is, and nothing of one that is not there', function () {
    $job = Changed::of(Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(25, 20));
    $words = fn (?Ways $ways): string => implode('|', Drawn::of(draw($job, $ways))->words());
    expect($words(null))->toContain('3 × 10 cu, ground 10, 20 ft')->toContain('3 × 10 cu, 25 ft cord');
    $without = fn (string $id): Ways => new Ways([WayWithout::conductor(Ways::standard()->find('interlock'), $id)]);
    expect($words($without('run')))->not->toContain('20 ft')->and($words($without('cord')))->not->toContain('25 ft cord');
    foreach (['run', 'cord'] as $id) {
        expect(
            array_filter(
                draw($job, $without($id))->twin,
                fn (array $row): bool => str_contains($row[0], $id === 'run' ? 'From inlet' : 'From outlet'),
            ),
        )
            ->toBe([]);
    }
});

it('is marked as a draft with its reason until it can be built', function () {
    expect(implode('|', Drawn::of(draw(Houses::small(null, 'interlock')))->words()))->toContain('Draft: no machine is picked')
        ->and(implode('|', Drawn::of(draw(Houses::small(Houses::supply(), 'automatic')))->words()))->toContain('Draft: needs a standby')
        ->and(implode('|', Drawn::of(draw(Houses::small(Houses::supply(), 'interlock')))->words()))->not->toContain('Draft');
});

it('is small as SVG and whole as DXF', function (Job $job) {
    $drawing = draw($job);
    expect(strlen((new SvgFile)->write($drawing)))->toBeLessThan(150_000);
    $texts = array_filter((new DxfReader((new DxfFile)->write($drawing)))->entities(), fn (array $e): bool => ($e[0] ?? '') === 'TEXT');
    expect(count($texts))->toBe(count(Drawn::of($drawing)->only(Text::class)));
})->with([[beside(4)], [moved(12)]]);

it('takes the fault current from the plate, and says where it is by usual figures', function () {
    $machine = Houses::machine(24_000, 24_000, 240, Outlet::Terminals, 100, MachineKind::Standby);
    expect([FaultCurrent::of($machine)->amps, FaultCurrent::of($machine)->isUsual])->toEqualWithDelta([100 / 0.15, 1], 1e-9);
    $plate = Changed::of($machine, plate: new \Underpin\Job\Machine\Plate(kva: 30.0, reactancePu: 0.125));
    expect(FaultCurrent::of($plate)->amps)->toEqualWithDelta(125 / 0.125, 1e-9)->and(FaultCurrent::of($plate)->isUsual)->toBeFalse();
    expect(FaultCurrent::of(Changed::of($machine, form: MachineKind::Inverter))->amps)->toEqualWithDelta(200.0, 1e-9);
});

<?php

declare(strict_types=1);

namespace Tests\Core\HookUpTest;

use Tests\Support\Changed;
use Tests\Support\Drawn;
use Tests\Support\Houses;
use Tests\Support\WayWithout;
use Underpin\Assembly\Assembly;
use Underpin\Assembly\ConductorKind;
use Underpin\Assembly\Wire;
use Underpin\Checks\Review;
use Underpin\Connection\Ways;
use Underpin\Design\Design;
use Underpin\Drawing\Box;
use Underpin\Drawing\Drawing;
use Underpin\Drawing\Element\Rect;
use Underpin\Drawing\Element\Text;
use Underpin\Drawing\HookUp\HookUp;
use Underpin\Drawing\HookUp\HookUpInk;
use Underpin\Drawing\HookUp\HookUpLayout;
use Underpin\Drawing\Labels\LabelInk;
use Underpin\Drawing\Labels\LabelSheets;
use Underpin\Drawing\OneLine\OneLine;
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
use Underpin\Outage\SwitchingCard;

function onSwitch(int $circuits, SwitchKind $kind = SwitchKind::Cables): Job
{
    $all = array_map(
        fn (int $n): Circuit => Houses::circuit((string) $n, 1, Role::Must, 100, 100, name: "A circuit of some length $n"),
        range(5, 4 + $circuits),
    );

    return Houses::job(
        'x', serviceAmps: 200, wire: new WireRun(25, 20), supply: Houses::supply(), connection: 'manual_switch', switchKind: $kind,
        panels: [new Panel('main', 'Main panel', 42, PanelKind::Main, 200, true, 1, false, $all, bonded: true)],
    );
}

function standbys(int $panels): Job
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

function built(Job $job): Assembly
{
    return (new Design($job))->assembly() ?? new Assembly([]);
}

/** @return array<string, array{Job}> */
function hooked(): array
{
    $jobs = [];
    foreach (array_keys(Ways::standard()->options()) as $way) {
        $jobs["small house, $way"] = [Changed::of(Houses::small(Houses::supply(), $way), wire: new WireRun(25, 20), serviceAmps: 200)];
    }
    foreach ([1, 7, 12] as $n) {
        $jobs["$n circuits moved"] = [onSwitch($n)];
        $jobs["$n circuits spliced"] = [onSwitch($n, SwitchKind::Pigtails)];
    }
    foreach ([1, 2, 3, 4] as $n) {
        $jobs["$n automatic switches"] = [standbys($n)];
    }

    return $jobs;
}

/** @return list<Box> the enclosures of a hook-up */
function enclosures(Drawing $drawing): array
{
    $rects = array_filter(Drawn::of($drawing, 'equipment')->only(Rect::class), fn (Rect $r): bool => $r->ink === HookUpInk::Box);

    return array_values(array_map(fn (Rect $r): Box => $r->box, $rects));
}

function meet(Box $one, Box $other): bool
{
    return $one->x < $other->right() && $other->x < $one->right() && $one->y < $other->bottom() && $other->y < $one->bottom();
}

it('draws every conductor from its terminal to its terminal, through no box', function (Job $job) {
    $assembly = built($job);
    $layout = new HookUpLayout($assembly);
    expect(count($layout->runs()))->toBe(count($assembly->wires()));
    foreach ($layout->runs() as [$wire, , $corners]) {
        foreach (array_slice($corners, 1) as $i => [$x, $y]) {
            [$u, $v] = $corners[$i];
            expect($x === $u || $y === $v)->toBeTrue($wire->id);
            $stretch = new Box(min($x, $u) + 0.01, min($y, $v) - 0.01, abs($x - $u) - 0.02, abs($y - $v) + 0.02);
            foreach ($layout->boxes() as $box) {
                expect(meet($stretch, $box->box()))->toBeFalse("$wire->id / $box->name");
            }
        }
    }
})->with(hooked());

it('sets boxes apart and everything on the sheet, and no two wires in one lane', function (Job $job) {
    $drawing = (new HookUp(built($job)))->drawing();
    $boxes = enclosures($drawing);
    foreach ($boxes as $i => $box) {
        expect($box->x >= 0 && $box->right() <= $drawing->sheet->width && $box->bottom() <= $drawing->sheet->height)->toBeTrue();
        foreach (array_slice($boxes, $i + 1) as $other) {
            expect(meet($box, $other))->toBeFalse();
        }
    }
    $lanes = [];
    foreach ((new HookUpLayout(built($job)))->runs() as [$wire, , $corners]) {
        if (count($corners) === 2) {
            continue;
        }
        [$x, $top, $bottom] = [$corners[1][0], min($corners[1][1], $corners[2][1]), max($corners[1][1], $corners[2][1])];
        foreach ($lanes as [$u, $from, $to]) {
            expect($x === $u && $top < $to && $from < $bottom)->toBeFalse($wire->id);
        }
        $lanes[] = [$x, $top, $bottom];
    }
    expect(strlen((new SvgFile)->write($drawing)))->toBeLessThan(150_000);
})->with(hooked());

it('gives each conductor its colour, and its words in the table below', function () {
    $assembly = built(onSwitch(2));
    $drawing = (new HookUp($assembly))->drawing();
    $row = fn (string $has): array => array_values(array_filter($drawing->twin, fn (array $r): bool => str_contains($r[0], $has)));
    expect($row('generator run, hot A')[0])->toBe(
        ['generator run, hot A', 'black, 10 AWG copper', 'Inlet', 'X', "Switch's incoming breaker in Manual transfer switch", 'A'],
    )->and($row('generator run, equipment ground')[0][1])->toBe('green or bare, 10 AWG copper')
        ->and($row('generator run, neutral')[0][1])->toStartWith('white')
        ->and($row('branch circuit, hot B')[0][1])->toBe('red, 12 AWG copper');
});

it('takes the breaker out of the run in a transfer panel, keeps it in a switch, and moves the neutral where the cable goes', function () {
    $ids = fn (Job $job): array => array_map(
        fn (Wire $w): string => (string) preg_replace('/branch:[^.]+/', 'branch', $w->id), built($job)->wires(),
    );
    expect($ids(onSwitch(1)))->toContain('branch.in-hot-a', 'branch.out-hot-a', 'branch.neutral', 'branch.ground')
        ->and($ids(onSwitch(1, SwitchKind::Pigtails)))->toContain('branch.in-hot-a', 'between:main.neutral')
        ->not->toContain('branch.neutral');
    $sub = Changed::of(onSwitch(1), connection: 'transfer_subpanel');
    expect($ids($sub))->toContain('branch.out-hot-a', 'feeder.hot-a')->not->toContain('branch.in-hot-a');
});

it('gives every service disconnect its bond, and no switch behind one', function () {
    $at = fn (Job $job): array => array_values(array_filter(array_map(
        fn ($b): string => $b->at, built($job)->bonds(),
    ), fn (string $at): bool => $at !== 'service' && $at !== 'generator'));
    expect($at(standbys(2)))->toBe(['disconnect:d-p1', 'disconnect:d-p2']);
    $own = Changed::of(
        onSwitch(1), connection: 'whole_house_manual', service: new Service(DisconnectPlace::Panel),
        panels: [Changed::of(onSwitch(1)->panel(), mainAmps: 200)],
    );
    expect($at($own))->toBe(['switch'])->and(built($own)->conductor(ConductorKind::Electrode))->not->toBeNull();
    foreach (built($own)->wires() as $wire) {
        if (str_starts_with($wire->id, 'line:switch')) {
            expect($wire->role->value)->not->toBe('ground');
        }
    }
});

it('takes one conductor that is not there out of table, one-line, hook-up, labels and card', function () {
    $job = Changed::of(Houses::small(Houses::supply(), 'interlock'), wire: new WireRun(25, 20));
    $of = fn (?string $wire): Design => new Design(
        $job, $wire === null ? null : new Ways([WayWithout::wire(Ways::standard()->find('interlock'), $wire)]),
    );
    $all = fn (Design $design): string => implode('|', [
        ...array_map(fn ($l): string => $l->part, $design->assembly()?->lines() ?? []),
        ...Drawn::of((new OneLine($design))->drawing())->words(),
    ]);
    $twin = fn (Drawing $drawing): string => implode('|', array_map(fn (array $r): string => implode(' ', $r), $drawing->twin));
    $hookUp = fn (Design $d): string => $twin((new HookUp($d->assembly() ?? new Assembly([])))->drawing());
    $labels = fn (Design $d): string => implode('|', array_map($twin, (new LabelSheets)->sheets($d)));
    $card = fn (Design $d): string => implode(' ', array_map(fn ($s): string => $s->do, SwitchingCard::of(new Review($d))->toGenerator));
    expect($all($of(null)))->toContain('Neutral')->toContain('3 × 10 cu, ground 10, 20 ft')
        ->and($hookUp($of(null)))->toContain('generator run, neutral')->and($labels($of(null)))->toContain('Generator run, neutral')
        ->and($card($of(null)))->toContain('Turn on the generator breaker');

    $without = $of('run.neutral');
    expect(explode('|', $all($without)))->not->toContain('Neutral')->and($all($without))->toContain('2 × 10 cu, ground 10, 20 ft')
        ->and($hookUp($without))->not->toContain('generator run, neutral')->toContain('generator run, hot A')
        ->and($labels($without))->not->toContain('Generator run, neutral')->toContain('Generator run, hot A');
    expect($all($of('run.ground')))->toContain('3 × 10 cu, 20 ft')->not->toContain('Equipment ground');
    foreach (['run.hot-a', 'run.neutral', 'run.ground'] as $wire) {
        expect($card($of($wire)))->not->toContain('Turn on the generator breaker');
    }
});

it('prints every sign and a tag for each new conductor, each on its sheet', function (Job $job) {
    $assembly = built($job);
    $words = [];
    foreach ((new LabelSheets)->sheets(new Design($job)) as $sheet) {
        expect($sheet->sheet->height)->toBeLessThan(930);
        array_push($words, ...array_slice($sheet->twin, 1));
        $boxes = array_map(fn (Rect $r): Box => $r->box, array_values(array_filter(
            Drawn::of($sheet)->only(Rect::class), fn (Rect $r): bool => $r->ink === LabelInk::Cut,
        )));
        foreach ($boxes as $i => $box) {
            expect($box->right() <= $sheet->sheet->width + 0.5 && $box->bottom() <= $sheet->sheet->height)->toBeTrue();
            foreach (array_slice($boxes, $i + 1) as $other) {
                expect(meet($box, $other))->toBeFalse();
            }
        }
        foreach (Drawn::of($sheet)->only(Text::class) as $text) {
            expect(mb_strlen($text->words) * $text->ink->pen()->size * 0.56)->toBeLessThan(354 - 12);
        }
    }
    $new = 0;
    foreach ($assembly->conductors() as $conductor) {
        $new += in_array($conductor->kind, [ConductorKind::Cord, ConductorKind::Found], true) ? 0 : count($conductor->wires);
    }
    expect(count($words))->toBe($new + count($assembly->signs()));
})->with(hooked());

it('says at the inlet which kind of machine belongs there', function (?bool $switches, ?string $says) {
    $job = onSwitch(1);
    $job = $job->with($job->connection->with(switchesNeutral: $switches));
    $inlet = array_values(array_filter(built($job)->signs(), fn ($s): bool => $s->id === 'sign-inlet'))[0] ?? null;
    expect($inlet === null ? null : implode(' ', $inlet->words))->toBe($says);
})->with([
    [false, 'For connection of a nonseparately derived (floating neutral) system only'],
    [true, 'For connection of a separately derived (bonded neutral) system only'], [null, null],
]);

<?php

declare(strict_types=1);

namespace Tests\Core\InstallTest;

use Tests\Support\Houses;
use Tests\Support\RandomHouse;
use Tests\Support\SixHouses;
use Underpin\Assembly\WireRole;
use Underpin\Checklist\Checklist;
use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\StepKind;
use Underpin\Checklist\StepState;
use Underpin\Connection\Ways;
use Underpin\Design\Design;
use Underpin\Install\HoursAgainstQuote;
use Underpin\Install\InstallList;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\Job;
use Underpin\Job\Laying;
use Underpin\Job\WireRun;
use Underpin\Job\Work\HoursWorked;
use Underpin\Job\Work\StepRecord;
use Underpin\Job\Work\Work;
use Underpin\Prove\ProveList;
use Underpin\Refused;

/** @return list<ChecklistStep> */
function steps(Job $job): array
{
    return InstallList::of(new Design($job));
}

/** @return array<string, ChecklistStep> by key */
function byKey(Job $job): array
{
    return array_column(array_map(fn (ChecklistStep $s): array => [$s->key, $s], steps($job)), 1, 0);
}

/** A record of a step as it stands, its reading in the middle of its range. */
function doneOf(ChecklistStep $step, ?float $value = null): StepRecord
{
    $range = $step->reading?->range;
    $label = $step->reading?->asksLabel() === true ? 36.0 : null;
    $good = $step->reading === null ? null : ($range === null ? 36.0 : ($range->low ?? 0.0) + (($range->high ?? ($range->low
        ?? 0.0)) - ($range->low ?? 0.0)) / 2);

    return new StepRecord($step->key, 'NV', '2026-11-27 09:30', $step->text, $value ?? $good, $label);
}

/** The same job with something else of its wire. */
function wired(Job $job, mixed ...$changes): Job
{
    return $job->with(new WireRun(...[...get_object_vars($job->wire), ...$changes]));
}

function place(array $keys, string $key): int
{
    $at = array_search($key, $keys, true);
    expect($at)->not->toBeFalse("there is no step $key");

    return (int) $at;
}

it('gives every way on every house steps whose keys are one of a kind, in installing and proving together', function () {
    foreach (SixHouses::all() as $job) {
        foreach (Ways::standard()->all() as $way) {
            $design = new Design($job->with($job->connection->with(way: $way->key())));
            $all = [...InstallList::of($design), ...ProveList::of($design)];
            $keys = array_map(fn (ChecklistStep $s): string => strtolower($s->key), $all);
            expect(array_unique($keys))->toBe($keys);
            // A step under a heading that came before would wait for what is listed below it.
            $headings = array_column($all, 'group');
            $turns = array_filter($headings, fn (string $group, int $i): bool => $group !== ($headings[$i - 1] ?? ''),
                ARRAY_FILTER_USE_BOTH);
            expect(array_values($turns))->toBe(array_values(array_unique($headings)));
            foreach ($all as $step) {
                expect($step->text)->not->toBe('')->and($step->why)->not->toBe('')
                    ->and(strlen($step->key))->toBeLessThan(StepRecord::LONGEST_KEY)
                    ->and($step->text)->not->toContain('  ')->and(mb_strlen($step->text))->toBeLessThan(StepRecord::LONGEST_TEXT);
            }
        }
    }
});

it('opens and locks before it proves dead, proves dead before anything is mounted, and grounds before hots', function () {
    foreach (SixHouses::all() as $name => $job) {
        $steps = steps($job);
        $kinds = array_map(fn (ChecklistStep $s): StepKind => $s->kind, $steps);
        $first = fn (StepKind $kind): int => (int) array_search($kind, $kinds, true);
        $lastDead = max(array_keys($kinds, StepKind::ProveDead, true));
        expect($first(StepKind::Open))->toBeLessThan($first(StepKind::ProveDead), $name)
            ->and($lastDead)->toBeLessThan($first(StepKind::Mount),
                $name)->and($first(StepKind::Mount))->toBeLessThan($first(StepKind::Pull))
            ->and($first(StepKind::Ground))->toBeLessThan($first(StepKind::Connect))
            ->and($first(StepKind::Connect))->toBeLessThan($first(StepKind::Torque));
        foreach ($steps as $step) {
            expect($step->holds)->toBe(in_array($step->kind, [StepKind::Open, StepKind::Lock, StepKind::ProveDead], true) || $step->holds,
                $step->key);
            if (in_array($step->kind, [StepKind::Open, StepKind::ProveDead, StepKind::Lock], true)) {
                expect($step->holds)->toBeTrue("$name: $step->key holds nothing up");
            }
        }
    }
});

it('asks eight readings of every box that is opened, the tester first and last, and takes three volts for dead', function () {
    $keys = array_keys(byKey(SixHouses::all()['a crowded panel']));
    $dead = array_values(array_filter($keys, fn (string $k): bool => str_starts_with($k, 'dead:')));
    expect($dead)->toBe(array_map(fn (string $k): string => "dead:panel:main.$k", ['before', 'a-b', 'a-n', 'b-n', 'a-g', 'b-g', 'n-g',
        'after']));
    $step = byKey(SixHouses::all()['a crowded panel'])['dead:panel:main.a-b'];
    expect($step->state(doneOf($step, 3.0)))->toBe(StepState::Done)->and($step->state(doneOf($step, 3.1)))->toBe(StepState::Out)
        ->and($step->reading->look)->not->toBe([]);
    $tester = byKey(SixHouses::all()['a crowded panel'])['dead:panel:main.before'];
    expect($tester->state(doneOf($tester, 2.0)))->toBe(StepState::Out)->and($tester->state(doneOf($tester, 121.0)))->toBe(StepState::Done);
});

it('opens what is ahead of a panel that is fed by a disconnect, and says what stays live where only the main opens', function () {
    $behind = byKey(SixHouses::all()['a meter disconnect that is the service disconnect']);
    expect($behind)->toHaveKey('open:feeder:main')->not->toHaveKey('open:panel:main')->not->toHaveKey('live:panel:main')
        ->and($behind['open:feeder:main']->text)->toContain('Meter disconnect')
        ->and($behind['dead:panel:main.a-b']->text)->toContain('ahead of everything');
    $main = byKey(SixHouses::all()['a barn on three wires']);
    expect($main)->toHaveKeys(['open:panel:house', 'lock:panel:house', 'live:panel:house'])
        ->and($main['live:panel:house']->text)->toContain('Only the utility')
        ->and($main['dead:panel:house.a-b']->text)->toContain('behind the main');
});

it('switches on behind a meter that was pulled only when it is back, and marks the emergency disconnect of a new service', function () {
    $job = SixHouses::all()['a crowded panel'];
    $switched = $job->with($job->connection->with(way: 'automatic_service', switchesNeutral: false));
    $keys = array_keys(byKey($switched));
    $at = fn (string $key): int => place($keys, $key);
    expect($at('open:meter'))->toBeLessThan($at('restore'))->and($at('restore'))->toBeLessThan($at('meter-back'))
        ->and($at('meter-back'))->toBeLessThan($at('back'))
        ->and(byKey($switched)['meter-back']->holds)->toBeTrue()
        ->and(array_filter($keys, fn (string $key): bool => str_starts_with($key, 'sign:sign-emergency')))->toHaveCount(1)
        ->and(byKey($job))->not->toHaveKey('meter-back');
});

it('has nobody open a panel that nothing in the house switches off', function () {
    $job = SixHouses::all()['a crowded panel'];
    $panel = $job->service->panels[0];
    $lugs = byKey($job->with($job->service->with(panels: [$panel->with(mainAmps: null,
        mainLugs: true)]))->with($job->connection->with(way: 'manual_switch')));
    expect($lugs['open:panel:main']->text)->toContain('the utility has disconnected the '
        .'service')->and($lugs)->not->toHaveKey('lock:panel:main');
});

it('ends every new conductor twice, asks the torque of each end that has a screw, and none of a splice', function () {
    foreach (SixHouses::all() as $name => $job) {
        $design = new Design($job);
        $byKey = byKey($job);
        foreach ($design->assembly()?->conductors() ?? [] as $conductor) {
            $isNew = ! in_array($conductor->kind->value, ['cord', 'found'], true);
            foreach ($conductor->wires as $wire) {
                foreach (['from' => $wire->from, 'to' => $wire->to] as $end => $terminal) {
                    $step = $byKey["connect:$wire->id.$end"] ?? null;
                    expect($step !== null)->toBe($isNew, "$name $wire->id");
                    if ($step !== null) {
                        expect($step->reading === null)->toBe($terminal->isSplice || $conductor->kind->value === 'control'
                            || $terminal->component === 'utility')
                            ->and($step->kind)->toBe(in_array($wire->role, [WireRole::Ground, WireRole::Electrode], true)
                                ? StepKind::Ground : StepKind::Connect);
                    }
                }
            }
        }
    }
});

it('judges a torque by the label, known or read on the spot, give or take what the tool may be off', function () {
    $job = SixHouses::all()['a crowded panel'];
    $asked = byKey($job)['connect:run.hot-a.to'];
    expect($asked->reading->asksLabel())->toBeTrue()
        ->and($asked->state(new StepRecord($asked->key, 'NV', '2026-11-27 09:30', $asked->text, 36.0)))->toBe(StepState::Open)
        ->and($asked->state(new StepRecord($asked->key, 'NV', '2026-11-27 09:30', $asked->text, 37.5, 36.0)))->toBe(StepState::Done)
        ->and($asked->state(new StepRecord($asked->key, 'NV', '2026-11-27 09:30', $asked->text, 39.0, 36.0)))->toBe(StepState::Out)
        ->and(fn () => $asked->guard(new StepRecord($asked->key, 'NV', '2026-11-27 09:30', '', 36.0)))->toThrow(Refused::class,
            'By the label');
    $laying = $job->wire->laying;
    $known = byKey(wired($job, laying: new Laying(...[...get_object_vars($laying), 'breakerInLb' => 50.0])))['connect:run.hot-a.to'];
    expect($known->reading->asksLabel())->toBeFalse()->and($known->reading->range->low)->toEqualWithDelta(47.0, 1e-9)
        ->and($known->reading->range->high)->toEqualWithDelta(53.0, 1e-9)->and($known->reading->range->from)->toBe('the label');
});

it('moves each breaker that stands in the way, in the order in which its place is free', function () {
    $job = SixHouses::all()['a crowded panel'];
    $design = new Design($job);
    $moves = $design->situation()->moves($job->service->panels[0])->words();
    $texts = array_map(fn (ChecklistStep $s): string => $s->text, array_values(array_filter(steps($job),
        fn (ChecklistStep $s): bool => str_starts_with($s->key, 'move:'))));
    expect($texts)->toHaveCount(3)->and($texts[0])->toContain($moves[0])->and($texts[2])->toContain($moves[2]);
});

it('tries a plate in both orders after its cover is on, and the main goes on only after the locks are spoken of', function () {
    $keys = array_keys(byKey(SixHouses::all()['a barn on three wires']));
    expect(place($keys, 'cover:panel:house'))->toBeLessThan(place($keys, 'interlock:main'))
        ->and(place($keys, 'interlock:main'))->toBeLessThan(place($keys, 'restore'))
        ->and(place($keys, 'restore'))->toBeLessThan(place($keys, 'interlock:generator'));
    expect(byKey(SixHouses::all()['a row house with someone on oxygen']))->not->toHaveKey('interlock:main')->toHaveKey('throw:switch');
});

it('never lifts a neutral, nor looks for an open one, where the bond that was found may be the only way back', function () {
    foreach (SixHouses::all() as $name => $job) {
        $design = new Design($job);
        $bonded = array_map(fn ($b) => $b->at, $design->assembly()?->bonds() ?? []);
        foreach (steps($job) as $step) {
            if (str_starts_with($step->key, 'open-neutral:')) {
                $of = substr($step->key, 13);
                $panel = $job->service->panel(substr($of, 6));
                expect(in_array($of, $bonded, true))->toBeFalse($name)->and($panel?->bonded === true)->toBeFalse($name)
                    ->and($step->reading->means)->toContain('Nobody takes a bond out');
            }
        }
    }
    $barn = byKey(SixHouses::all()['a barn on three wires']);
    expect(array_filter(array_keys($barn), fn (string $k): bool => str_starts_with($k, 'open-neutral:')))->toBe([])
        ->and($barn['bond:bond:house']->text)->toContain('is there, and stays');
});

it('brings the new bond in before the old one comes out', function () {
    $job = Houses::small(Houses::supply(), 'automatic_service');
    $byKey = byKey($job);
    $keys = array_keys($byKey);
    $parted = array_values(array_filter($keys, fn (string $k): bool => str_starts_with($k, 'parted:')));
    expect($parted)->toHaveCount(1)->and(place($keys, 'bond:bond:switch'))->toBeLessThan(place($keys, $parted[0]))
        ->and($byKey[$parted[0]]->text)->toContain('The new main bonding jumper is in and proven');
});

it('holds everything while somebody depends on power, until that is bridged', function () {
    $job = SixHouses::all()['a row house with someone on oxygen'];
    $step = byKey($job)['bridge:c1-load'];
    expect($step->holds)->toBeTrue()->and($step->text)->toContain('90 min');
    expect(byKey(SixHouses::all()['a crowded panel']))->not->toHaveKey('bridge:c1-load');
});

it('begins nothing by a design that has two bonds, none, or does not say', function () {
    $job = SixHouses::all()['a row house with someone on oxygen'];
    expect(byKey($job)['settle-neutral']->holds)->toBeTrue()
        ->and(byKey($job->with($job->connection->with(switchesNeutral: false))))->not->toHaveKey('settle-neutral')
        ->and(byKey($job->with($job->connection->with(switchesNeutral: true))))->toHaveKey('settle-neutral');
});

it('waits behind what is not done and what is out of range, and says for what', function () {
    $steps = steps(SixHouses::all()['a crowded panel']);
    $work = new Work;
    foreach ($steps as $i => $step) {
        $list = new Checklist($steps, $work);
        expect($list->waitsFor($step))->toBeNull($step->key);
        if ($step->holds && isset($steps[$i + 1])) {
            expect($list->waitsFor($steps[$i + 1]))->toBe($step)
                ->and(fn () => $list->guard($steps[$i + 1]))->toThrow(Refused::class, 'it is not done');
        }
        $work = $work->noting(doneOf($step));
    }
    $list = new Checklist($steps, $work);
    expect($list->next())->toBeNull()->and($list->standing(StepState::Done))->toHaveCount(count($steps));
    $dead = array_values(array_filter($steps, fn (ChecklistStep $s): bool => $s->key === 'dead:panel:main.b-n'))[0];
    $out = new Checklist($steps, $work->noting(doneOf($dead, 117.0)));
    expect($out->standing(StepState::Out))->toBe([$dead])->and($out->waitsFor($steps[count($steps) - 1]))->toBe($dead)
        ->and(fn () => $out->guard($steps[count($steps) - 1]))->toThrow(Refused::class, 'out of range');
});

it('asks again what said something else when it was done', function () {
    $job = SixHouses::all()['a crowded panel'];
    $step = byKey($job)['pull:run'];
    $longer = byKey(wired($job, runFt: 61.0))['pull:run'];
    expect($step->state(doneOf($step)))->toBe(StepState::Done)->and($longer->text)->not->toBe($step->text)
        ->and($longer->state(doneOf($step)))->toBe(StepState::Changed);
});

it('counts hours by task beside those of the quote', function () {
    $job = SixHouses::all()['a crowded panel'];
    $rows = HoursAgainstQuote::of(new Design($job->with($job->work->with(hours: [
        new HoursWorked('a', 'inlet-30', '2026-11-27', 'NV', 1.5), new HoursWorked('b', 'inlet-30', '2026-11-28', 'TR', 0.5),
    ]))));
    expect($rows)->toHaveCount(1)->and($rows[0]->worked)->toBe(2.0)->and($rows[0]->quoted)->toBeNull()->and($rows[0]->over())->toBe(0.0);
});

it('has steps for houses made by chance, on every way, without a fault', function () {
    foreach (range(1, 25) as $seed) {
        $house = RandomHouse::job($seed);
        $job = $house->with(new Generator(Houses::machine(), Fuel::Gasoline));
        foreach (Ways::standard()->all() as $way) {
            $design = new Design($job->with($job->connection->with(way: $way->key())));
            $list = new Checklist([...InstallList::of($design), ...ProveList::of($design)], new Work);
            expect($list->isBegun())->toBeFalse();
        }
    }
});

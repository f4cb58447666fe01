<?php

declare(strict_types=1);

namespace Tests\Core\GridTest;

use Tests\Support\Stock;
use Underpin\Exchange\Grid\GridEdit;
use Underpin\Exchange\Grid\GridRow;
use Underpin\Job\Circuit;
use Underpin\Job\Half;
use Underpin\Job\Job;
use Underpin\Job\Load;
use Underpin\Job\LoadKind;
use Underpin\Job\Panel;
use Underpin\Job\Position;
use Underpin\Job\Protection;
use Underpin\Job\Role;
use Underpin\Job\Service;

function house(): Job
{
    return new Job('House', new Service(panels: [new Panel('p1', 'Main panel', 12, circuits: [
        new Circuit('c1', new Position(1), 20, 'Kitchen', role: Role::Must, loads: [
            new Load('l1', 'Refrigerator', LoadKind::Refrigeration, 160, 1000, 0.85), new Load('l2', 'Coffee', runW: 900),
        ]),
        new Circuit('c2', new Position(2, 2), 30, 'Dryer'),
        new Circuit('c3', new Position(3), 15, 'Hall'),
    ])]));
}

/**
 * @param  array<string, array<string, string|array{string, ?string}>>  $rows  what is typed, by line and column; with what was shown
 */
function typed(Job $job, array $rows, ?GridEdit &$edit = null): Job
{
    $next = 0;
    $edit = new GridEdit(Stock::loads(), function () use (&$next): string {
        return 'n'.(++$next);
    });

    return $edit->apply($job, array_map(fn (array $cells): array => array_map(fn (string|array $cell): array => is_array($cell)
        ? ['value' => $cell[0], 'was' => $cell[1]]
        : ['value' => $cell, 'was' => null], $cells), $rows));
}

function circuit(Job $job, string $id): ?Circuit
{
    return $job->panelWith($id)?->circuit($id);
}

/** @return array{string, string} column and message of the only fault */
function fault(GridEdit $edit): array
{
    expect($edit->faults())->toHaveCount(1);

    return [$edit->faults()[0]->column, $edit->faults()[0]->message];
}

it('has a line for each load, and one for a breaker without', function () {
    $rows = GridRow::all(house());
    expect(array_map(fn (GridRow $row): string => $row->key()->words(), $rows))->toBe(['c1/l1', 'c1/l2', 'c2/', 'c3/'])
        ->and($rows[0]->cells())->toBe([
            'panel' => 'Main panel', 'space' => '1', 'name' => 'Kitchen', 'role' => 'must run', 'amps' => '20', 'leg' => 'A',
            'load' => 'Refrigerator', 'run_w' => '160', 'start_w' => '1000', 'note' => '',
        ])
        ->and(array_map(fn (GridRow $row): bool => $row->isMissing(), $rows))->toBe([false, false, true, true])
        ->and(array_map(fn (GridRow $row): bool => $row->isFirst, $rows))->toBe([true, false, true, true]);
});

it('takes what it shows for the same', function () {
    $rows = [];
    foreach (GridRow::all(house()) as $row) {
        $rows[$row->key()->words()] = array_map(fn (string $text): array => [$text, $text], $row->cells());
    }
    expect(typed(house(), $rows, $edit))->toEqual(house())->and($edit->faults())->toBe([]);
});

it('reads what people type', function (string $column, string $text, callable $now, mixed $is) {
    $job = typed(house(), ['c3/' => [$column => $text]], $edit);
    expect($edit->faults())->toBe([])->and($now(circuit($job, 'c3')))->toBe($is);
})->with([
    'a role by its number' => ['role', '1', fn (Circuit $c) => $c->role, Role::Must],
    'a role in words' => ['role', 'When there is room', fn (Circuit $c) => $c->role, Role::Room],
    'no role' => ['role', '', fn (Circuit $c) => $c->role, Role::Off],
    'a name' => ['name', ' Stairs ', fn (Circuit $c) => $c->name, 'Stairs'],
    'a breaker with its protection' => ['amps', '20 AFCI', fn (Circuit $c) => [$c->breakerAmps, $c->protection], [20, Protection::Afci]],
    'another space' => ['space', '8', fn (Circuit $c) => $c->position->space, 8],
    'half a space' => ['space', '5b', fn (Circuit $c) => $c->position->half, Half::Lower],
    'two spaces' => ['space', '5-7', fn (Circuit $c) => $c->position->poles, 2],
    'kilowatts' => ['run_w', '1.2 kW', fn (Circuit $c) => $c->loads[0]->runW, 1200.0],
    'a note' => ['note', 'by the stairs', fn (Circuit $c) => $c->note, 'by the stairs'],
]);

it('hangs a load on a breaker by its watts alone, of the kind that its name says', function () {
    $job = typed(house(), ['c2/' => ['run_w' => '4800'], 'c3/' => ['load' => 'sump pump', 'run_w' => '500', 'start_w' => '1900']], $edit);
    [$dryer, $sump] = [circuit($job, 'c2')->loads[0], circuit($job, 'c3')->loads[0]];
    expect([$dryer->name, $dryer->kind, $dryer->runW, $dryer->startW])->toBe(['Dryer', LoadKind::Laundry, 4800.0, null])
        ->and($dryer->startIsMissing())->toBeTrue()
        ->and([$sump->name, $sump->kind, $sump->startW, $sump->pf])->toBe(['sump pump', LoadKind::Pump, 1900.0, 0.82])
        ->and($edit->keys())->toBe(['c2/' => 'c2/n1', 'c3/' => 'c3/n2']);
});

it('puts another load beside the first, and takes one away when all of it is emptied', function () {
    $job = typed(house(), [
        'c1/new 4' => ['load' => 'Toaster', 'run_w' => '1000'], 'c1/l2' => ['load' => '', 'run_w' => '', 'start_w' => ''],
    ]);
    expect(array_map(fn (Load $l): string => $l->name, circuit($job, 'c1')->loads))->toBe(['Refrigerator', 'Toaster']);
    typed(house(), ['c1/l2' => ['load' => '']], $edit);
    expect(fault($edit))->toBe(['load', 'Load is missing: its watts are still there. Empty them as well to take the load away.']);
});

it('adds breakers in the next free places', function () {
    $job = typed(house(), [
        'new 1' => ['name' => 'Sump', 'amps' => '20', 'role' => '1', 'load' => '', 'run_w' => '500'],
        'new 2' => ['name' => 'Range', 'amps' => '50/2'],
        'new 3' => ['name' => 'Well', 'amps' => '20', 'space' => '10-12'],
    ], $edit);
    [$sump, $range, $well] = [circuit($job, 'n1'), circuit($job, 'n3'), circuit($job, 'n4')];
    expect($edit->faults())->toBe([])
        ->and([$sump->label(), $sump->role, $sump->loads[0]->name])->toBe(['5', Role::Must, 'Sump'])
        ->and([$range->label(), $range->breakerAmps])->toBe(['6–8', 50])
        ->and($well->label())->toBe('10–12');
});

it('refuses by the name of the column, with what was given and what would be taken', function (
    string $row, array $cells, string $column, string $said,
) {
    $job = typed(house(), [$row => $cells, 'c3/' => ['name' => 'Stairs']], $edit);
    expect(fault($edit)[0])->toBe($column)->and(fault($edit)[1])->toContain($said)
        ->and(circuit($job, 'c3')->name)->toBe('Stairs');
})->with([
    ['c2/', ['role' => 'maybe'], 'role', 'Role must be must run (1), when there is room (2) or leave off (3); "maybe" was given.'],
    ['c2/', ['amps' => 'thirty'], 'amps', '"thirty" was given.'],
    ['c2/', ['amps' => '9000'], 'amps', 'Breaker must be'],
    ['c2/', ['space' => '1-3'], 'space', 'is used twice: 1 Kitchen is there already.'],
    ['c2/', ['space' => '11'], 'space', ''],
    ['c2/', ['space' => 'top'], 'space', 'Space must be one of the panel, as 5, 5-7 or 12a; "top" was given.'],
    ['c2/', ['run_w' => 'lots'], 'run_w', 'Runs must be a number of watts from 0 to 200,000; "lots" was given.'],
    ['c2/', ['run_w' => '900', 'start_w' => '100'], 'start_w', 'Starts must be at least what it runs at (900 W); 100 W was given.'],
    ['c2/', ['leg' => 'A'], 'leg', 'it follows from the space'],
    ['c2/', ['panel' => 'Barn'], 'panel', 'another panel is chosen in the survey'],
    ['c2/', ['name' => ['Tumble dryer', 'Old name']], 'name', 'somebody else has changed this to "Dryer"'],
    ['gone/', ['name' => 'x'], 'name', 'has been removed by somebody else'],
    ['c1/gone', ['run_w' => '3'], 'run_w', 'This load has been removed by somebody else'],
    ['new 1', ['name' => 'Sump'], 'name', 'Breaker is missing'],
    ['new 1', ['name' => 'Range', 'amps' => '50/2', 'space' => '11-13'], 'space', 'runs off the end'],
    ['c2/', ['colour' => 'red'], 'colour', 'There is no column "colour" here.'],
]);

it('refuses nothing that somebody else has already made the same', function () {
    typed(house(), ['c2/' => ['name' => ['Dryer', 'Old name']]], $edit);
    expect($edit->faults())->toBe([]);
});

it('keeps the kind that was said when a load is called otherwise', function () {
    $job = typed(house(), ['c1/l1' => ['load' => 'Toaster']]);
    expect(circuit($job, 'c1')->loads[0]->kind)->toBe(LoadKind::Refrigeration)
        ->and(circuit($job, 'c1')->loads[0]->name)->toBe('Toaster');
});

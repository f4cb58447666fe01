<?php

declare(strict_types=1);

namespace Tests\Core\KeepTest;

use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Checks\Review;
use Underpin\Codebook\TransferSettings;
use Underpin\Design\Design;
use Underpin\Job\Fuel;
use Underpin\Job\Generator;
use Underpin\Job\GeneratorNeutral;
use Underpin\Job\Job;
use Underpin\Job\Log\Log;
use Underpin\Job\Log\LogEntry;
use Underpin\Job\Log\LogKind;
use Underpin\Job\Log\Pole;
use Underpin\Job\Log\SwitchService;
use Underpin\Job\Machine;
use Underpin\Job\Machine\ServiceIntervals;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Rating;
use Underpin\Job\StepNote;
use Underpin\Keep\Care;
use Underpin\Keep\CareItem;
use Underpin\Keep\HourReading;
use Underpin\Keep\LogSheet;
use Underpin\Keep\RunHours;
use Underpin\Keep\ServiceItem;
use Underpin\Keep\SwitchTrend;
use Underpin\Keep\TrendDrawing;
use Underpin\Keep\Wear;
use Underpin\Papers\OwnersFolder;
use Underpin\Refused;
use Underpin\Sizing\Supply;

use function Tests\calc;
use function Tests\faultOf;

const TODAY = '2026-11-25';

function handedOver(string $on, LogEntry ...$entries): Job
{
    $job = Houses::small(Houses::supply(), 'interlock');

    return $job->with($job->agreed->noting(new StepNote('hand-over', null, '', $on)), new Log(array_values($entries)));
}

function due(Job $job, string $key, string $today = TODAY): ?CareItem
{
    return array_values(array_filter((new Care(new Design($job), $today))->items(), fn (CareItem $item): bool => $item->key === $key))[0]
        ?? null;
}

/** @param  list<array{string, float, float, float, float}>  $rows  day, millivolts and °C of A and B at 100 A */
function trend(array $rows, ?int $rated = 200): SwitchTrend
{
    return new SwitchTrend(array_map(fn (array $r): SwitchService => new SwitchService(
        $r[0], $r[0], 'Switch', 100.0, new Pole($r[1], $r[3]), new Pole($r[2], $r[4]),
    ), $rows), $rated);
}

it('takes the rate of the last year, where readings lie four weeks apart', function () {
    $at = fn (array $readings, float $exercise = 0.0): RunHours => RunHours::of(
        array_map(fn (array $r): HourReading => new HourReading($r[0], $r[1]), $readings), TODAY, $exercise,
    );
    expect($at([['2025-11-25', 10.0], ['2026-11-25', 46.5]])->ratePerDay)->toEqualWithDelta(0.1, 1e-12)
        // A day older than a year before the latest one does not count; then they lie too near, and the exercise does.
        ->and($at([['2025-11-24', 0.0], ['2026-11-25', 46.5]], 21.0)->ratePerDay)->toEqualWithDelta(0.05, 1e-12)
        ->and($at([['2026-10-29', 0.0], ['2026-11-25', 27.0]], 21.0)->ratePerDay)->toEqualWithDelta(0.05, 1e-12)
        ->and($at([['2026-10-28', 0.0], ['2026-11-25', 28.0]], 21.0)->ratePerDay)->toEqualWithDelta(1.0, 1e-12)
        ->and($at([['2026-10-28', 0.0], ['2026-11-15', 28.0]], 21.0)->now)->toEqualWithDelta(28.5, 1e-12)
        ->and($at([])->now)->toBe(0.0);
});

it('takes the sooner of hours and days, hours when equal, and never where nothing runs', function () {
    $hours = RunHours::of([new HourReading('2026-10-26', 0.0), new HourReading('2026-11-25', 30.0)], TODAY, 0.0);
    $still = RunHours::of([], TODAY, 0.0);
    expect($hours->due(new ServiceItem('a', 40.0, 20.0, '2026-11-15', 0.0))->by)->toBe('hours')
        ->and($hours->due(new ServiceItem('a', 40.0, 20.0, '2026-11-15', 0.0))->on)->toBe('2026-12-05')
        ->and($hours->due(new ServiceItem('a', 41.0, 20.0, '2026-11-15', 0.0))->by)->toBe('days')
        ->and($hours->due(new ServiceItem('a', 25.0, null, null, 0.0))->inDays)->toEqualWithDelta(-5.0, 1e-9)
        ->and($still->due(new ServiceItem('a', 25.0, null, null, 0.0))->inDays)->toBeNull()
        ->and($hours->due(new ServiceItem('a', null, 0.5, TODAY))->on)->toBe(TODAY)
        ->and($still->due(new ServiceItem('a'))->by)->toBeNull();
});

it('answers the contract, and refuses by field', function () {
    $case = ['today' => TODAY, 'readings' => [['date' => '2026-10-26', 'hours' => 0], ['date' => TODAY, 'hours' => 30]],
        'items' => [['id' => 'oil', 'every_h' => 40, 'last_h' => 0]]];
    expect(calc('service-due', $case))->toBe([
        'rate_h_per_day' => 1.0, 'hours_now' => 30.0,
        'items' => [['id' => 'oil', 'due_in_days' => 10.0, 'due_date' => '2026-12-05', 'by' => 'hours', 'hours_left' => 10.0]],
    ]);
    foreach ([
        'today' => ['today' => '2026-02-30'], 'readings.1.date' => ['readings' => [['date' => TODAY, 'hours' => 1], ['date' => TODAY,
            'hours' => 2]]],
        'readings.0.date' => ['readings' => [['date' => '2026-11-26', 'hours' => 1]]],
        'readings.1.hours' => ['readings' => [['date' => '2026-11-01', 'hours' => 5], ['date' => TODAY, 'hours' => 4.9]]],
        'items.0.last_h' => ['items' => [['id' => 'a', 'last_h' => 31]]], 'items.0.last_date' => ['items' => [['id' => 'a',
            'last_date' => '2026-11-26']]],
        'items.0.every_h' => ['items' => [['id' => 'a', 'every_h' => 0]]], 'items.1.id' => ['items' => [['id' => 'a'], ['id' => 'a']]],
        'items' => ['items' => []],
    ] as $field => $with) {
        expect(faultOf('service-due', [...$case, ...$with]))->toBe($field);
    }
});

it('names no day that lies so far off that only the hours say when, and the folder of the owner keeps its hours', function () {
    $with = function (float $hours): Job {
        $job = handedOver(
            '2026-10-01', new LogEntry('a', '2026-10-26', LogKind::Start, 0.0), new LogEntry('b', TODAY, LogKind::Start, $hours),
        );
        $machine = Changed::of($job->generator->machine ?? throw new \LogicException, service: new ServiceIntervals(plugsH: 400.0));

        return Houses::changed($job, supply: new Supply($machine, Fuel::Gasoline));
    };
    $folder = fn (Job $job): string => json_encode(array_column((new OwnersFolder)->blocks(Review::of($job), TODAY), 'rows'));
    // 2.2 hours in thirty days are 397.8 more in less than fifteen years; with 2.17 it is a little longer than that.
    expect(due($with(2.2), 'plugs')->dueOn)->toBe('2041-10-01')
        ->and($folder($with(2.2)))->toContain('Spark plugs: Machine m","2041-10-01')->not->toContain('by its hours')
        ->and(due($with(2.17), 'plugs')->dueOn)->toBeNull()
        ->and(due($with(2.17), 'plugs')->hoursLeft)->toEqualWithDelta(397.83, 1e-9)
        ->and($folder($with(2.17)))->toContain('Spark plugs: Machine m","by its hours","every 400 h"');
});

it('counts from the log first, then from the hand-over, and says what is overdue', function () {
    $job = handedOver('2025-11-20');
    expect(due($job, 'loaded-test')->dueOn)->toBe('2026-05-20')->and(due($job, 'loaded-test')->isOverdue(TODAY))->toBeTrue();
    $tested = handedOver('2025-11-20', new LogEntry('a', '2026-09-01', LogKind::LoadedTest, 3.0));
    expect(due($tested, 'loaded-test')->dueOn)->toBe('2027-03-01')->and(due($tested, 'loaded-test')->isOverdue(TODAY))->toBeFalse()
        ->and(due($tested, 'start')->lastOn)->toBe('2026-09-01');
});

it('changes the first oil sooner, by hours where it runs much, and what is noted after today counts for nothing', function () {
    $much = handedOver('2026-10-01', new LogEntry('a', '2026-10-01', LogKind::Start, 0.5), new LogEntry('b', '2026-11-20',
        LogKind::Outage, 15.5));
    $oil = due($much, 'oil');
    expect($oil->everyH)->toBe(20.0)->and($oil->by)->toBe('hours')->and($oil->dueOn)->toBe('2026-12-05')
        ->and($oil->hoursLeft)->toEqualWithDelta(3.0, 0.01);
    $changed = $much->with(new Log([...$much->log->entries, new LogEntry('c', '2026-11-21', LogKind::Oil, 15.5)]));
    expect(due($changed, 'oil')->everyH)->toBe(50.0)->and(due($changed, 'oil')->lastOn)->toBe('2026-11-21');
    $future = handedOver('2026-10-01', new LogEntry('a', '2031-01-01', LogKind::Oil, 900.0));
    expect(due($future, 'oil')->lastOn)->toBe('')->and(due($future, 'oil')->everyH)->toBe(20.0);
});

it('says in which year the exercise alone would reach the first oil change', function () {
    $standby = Houses::small(null, 'automatic_service')->with(new Generator(new Machine(
        's', 'Standby s', MachineKind::Standby, 240, Outlet::Terminals, 60, GeneratorNeutral::Floating, false,
        [new Rating(Fuel::NaturalGas, 14000, 16000)],
    ), Fuel::NaturalGas, 20.0));
    $with = fn (float $min): Care => new Care(
        new Design($standby->with($standby->connection->with(settings: [TransferSettings::EXERCISE => $min]))), TODAY,
    );
    // 25 h at 12 min a week are 125 weeks.
    expect($with(12.0)->firstOilYear())->toBe(2029)->and($with(60.0)->firstOilYear())->toBe(2027)
        ->and((new Care(new Design($standby), TODAY))->firstOilYear())->toBeNull();
});

it('judges poles by degrees between them, by their first reading and by each other', function (array $last, Wear $wear, string $said) {
    $trend = trend([['2025-01-01', 6.0, 6.0, 30.0, 30.0], ['2026-01-01', ...$last]]);
    expect($trend->wear())->toBe($wear)->and(implode(' ', $trend->words()))->toContain($said);
})->with([
    'good' => [[6.1, 6.0, 30.4, 30.0], Wear::Good, ''], 'watch' => [[6.1, 6.0, 31.0, 30.0], Wear::Watch, 'looked at again'],
    'repair' => [[6.1, 6.0, 34.0, 30.0], Wear::Repair, 'repaired at the next chance'], 'still repair' => [[6.1, 6.0, 45.0, 30.0],
        Wear::Repair, 'Pole A'],
    'now' => [[6.1, 6.0, 30.0, 45.1], Wear::Now, 'goes off now'], 'half again' => [[6.5, 9.0, 30.0, 30.0], Wear::Repair,
        'Pole B has 1.5 times'],
    'apart' => [[5.0, 7.6, 30.0, 30.0], Wear::Repair, 'more than 50 % apart'],
]);

it('sees where a pole goes before it is there, and what a light load is worth', function () {
    $rising = trend([['2024-01-01', 6.0, 6.0, 30.0, 30.0], ['2026-01-01', 6.0, 8.0, 30.0, 30.0]]);
    expect($rising->wear())->toBe(Wear::Good)->and(implode(' ', $rising->words()))->toContain('reaches 1.5 times its first reading in 2027')
        ->and(implode(' ', trend([['2024-01-01', 6.0, 6.0, 30.0, 30.0]], 400)->words()))->toContain('says little')
        ->and(TrendDrawing::of($rising, 'Switch')->layers)->toHaveCount(3);
});

it('takes a log out as a sheet and in again, once, and says by row what it does not take', function () {
    $log = new Log([new LogEntry('a', '2026-01-05', LogKind::Oil, 20.5, null, null, null, 'a, "b"', 'Nell')]);
    $csv = implode("\n", array_map(fn (array $r): string => implode(',', array_map(
        fn (string $c): string => str_contains($c, ',') ? '"'.str_replace('"', '""', $c).'"' : $c, $r,
    )), LogSheet::rows($log)));
    $n = 0;
    $key = function () use (&$n): string {
        return 'k'.++$n;
    };
    [$same, $added] = LogSheet::read($csv, $log, $key, TODAY);
    expect($added)->toBe(0)->and($same->entries)->toHaveCount(1);
    $sheet = "on,kind,hours\n2026-02-01,start,21\n2026-02-30,start,22\n2026-03-01,jump,1\n2030-01-01,start,1\n";
    [$more, $added, $faults] = LogSheet::read($sheet, $log, $key, TODAY);
    expect($added)->toBe(1)->and($more->entries)->toHaveCount(2)->and($faults)->toHaveCount(3)->and($faults[0])->toStartWith('Row 3: Day');
    expect(fn () => LogSheet::read("name,price\nx,1\n", $log, $key, TODAY))->toThrow(Refused::class, 'Sheet');
});

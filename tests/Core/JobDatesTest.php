<?php

declare(strict_types=1);

namespace Tests\Core\JobDatesTest;

use Tests\Support\Houses;
use Underpin\Design\Design;
use Underpin\Job\FuelKept;
use Underpin\Job\Job;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Keep\JobDate;
use Underpin\Keep\JobDates;
use Underpin\Refused;

/** @return array<string, string> day by key */
function days(Job $job, string $today = '2026-11-25'): array
{
    return array_column(array_map(fn (JobDate $d): array => [$d->key, $d->on], JobDates::of(new Design($job), $today)), 1, 0);
}

it('gives a portable its starts, its loaded tests and the practice of the card', function () {
    expect(days(Houses::small(Houses::supply(), 'interlock')))->toBe([
        'start' => '2027-02-25', 'loaded-test' => '2027-05-25', 'practice' => '2027-05-25', 'oil' => '2027-11-25',
    ]);
});

it('gives a standby its battery, and its switch where there is one', function () {
    $standby = Houses::small(Houses::supply(18_000, 18_000, 240, Outlet::Terminals, 80, MachineKind::Standby), 'automatic');
    expect(days($standby))->toHaveKeys(['loaded-test', 'oil', 'battery', 'transfer-switch'])->not->toHaveKey('start')
        ->and(days($standby)['battery'])->toBe('2029-11-25')
        ->and(days($standby->with($standby->connection->with(way: 'interlock'))))->not->toHaveKey('transfer-switch');
});

it('knows the day on which fuel goes bad, and nothing of a job without a machine', function () {
    $job = Houses::small(Houses::supply(), 'interlock')->with(new FuelKept('2026-10-01', false));
    expect(days($job)['fuel'])->toBe('2027-03-30')->and(days(Houses::small()))->toBe([]);
});

it('falls on a day that every month has', function (string $today, string $start) {
    expect(days(Houses::small(Houses::supply(), 'interlock'), $today)['start'])->toBe($start);
})->with([['2026-11-30', '2027-02-28'], ['2027-12-31', '2028-03-28'], ['2026-10-05', '2027-01-05']]);

it('refuses a day that is none', function (string $today) {
    expect(fn () => JobDates::of(new Design(Houses::small()), $today))->toThrow(fn (Refused $r) => expect($r->field)->toBe('today'));
})->with(['', '2026-02-30', 'tomorrow', '2026-2-3', '26-02-03']);

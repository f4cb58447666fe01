<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/** What the board shows of all jobs: the shop's day. Each asks an index, so that it answers as fast with 10,000 jobs. */
enum BoardFilter: string
{
    case All = '';
    case Today = 'today';
    case Overdue = 'overdue';
    case Week = 'week';
    case Month = 'month';
    case Waiting = 'waiting';

    public function words(): string
    {
        return match ($this) {
            self::All => 'All jobs',
            self::Today => 'Work agreed, today and next',
            self::Overdue => 'Overdue',
            self::Week => 'Due this week',
            self::Month => 'Due this month',
            self::Waiting => 'Waits for an answer',
        };
    }

    /** @param  Builder<Job>  $jobs */
    public function on(Builder $jobs, string $today): void
    {
        $until = fn (int $days): string => Carbon::parse($today)->addDays($days)->toDateString();
        match ($this) {
            self::All => $jobs,
            self::Today => $jobs->where('install_on', '>=', $today),
            self::Overdue => $jobs->where('next_due', '<', $today),
            self::Week => $jobs->whereBetween('next_due', [$today, $until(7)]),
            self::Month => $jobs->whereBetween('next_due', [$today, $until(31)]),
            self::Waiting => $jobs->whereNotNull('waits_for'),
        };
    }

    /** @param  Builder<Job>  $jobs */
    public function sort(Builder $jobs): void
    {
        match ($this) {
            self::All, self::Waiting => $jobs,
            self::Today => $jobs->orderBy('install_on'),
            self::Overdue, self::Week, self::Month => $jobs->orderBy('next_due'),
        };
    }

    /** @return array<string, int> how many jobs each shows, but all of them */
    public static function counts(int $shop, string $today): array
    {
        $counts = [];
        foreach (self::cases() as $filter) {
            if ($filter !== self::All) {
                $jobs = Job::query()->where('shop_id', $shop);
                $filter->on($jobs, $today);
                $counts[$filter->value] = $jobs->count();
            }
        }

        return $counts;
    }
}

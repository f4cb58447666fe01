<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\LighthouseRuns;
use App\Bench\Report;
use App\Bench\Visitor;
use App\Models\Job as JobRow;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;

/** Board, grid, machines and import of the dairy, as Lighthouse sees them. */
final class Lighthouse implements Measure
{
    /** scores at least, desktop and mobile */
    private const DESKTOP_SCORE = 95.0;

    private const MOBILE_SCORE = 85.0;

    private const SHIFT = 0.1;

    public function key(): string
    {
        return 'lighthouse';
    }

    public function measure(Report $report): bool
    {
        $user = User::query()->firstOrFail();
        $job = JobRow::query()->where('shop_id', $user->shop_id)->where('name', 'Kestrel Gap goat dairy')->firstOrFail();
        $visitor = new Visitor(config()->string('app.url'));
        $visitor->signIn($user->email, DatabaseSeeder::PASSWORD);
        $runs = new LighthouseRuns(config()->string('app.url'), $visitor->cookies());
        $good = true;
        foreach ([true, false] as $isDesktop) {
            foreach (['loads', 'grid', 'size', 'schedule'] as $page) {
                $found = $runs->of("/jobs/$job->id/$page", $isDesktop);
                $least = $isDesktop ? self::DESKTOP_SCORE : self::MOBILE_SCORE;
                $isKept = $found['performance'] >= $least && $found['accessibility'] >= 100 && $found['shift'] < self::SHIFT;
                $report->line(sprintf(
                    '%s, %s: performance %.0f (at least %.0f), accessibility %.0f (100), shift %.3f (under %.1f) %s', $page,
                    $isDesktop ? 'desktop' : 'mobile', $found['performance'], $least, $found['accessibility'],
                    $found['shift'], self::SHIFT, $isKept ? 'kept' : 'NOT KEPT',
                ));
                $good = $isKept && $good;
            }
        }

        return $good;
    }
}

<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\CrowdedSite;
use App\Bench\DemoJob;
use App\Bench\Report;
use App\Bench\Times;
use Underpin\Design\Design;
use Underpin\Drawing\Site\SitePlanDrawing;
use Underpin\Drawing\Writer\SvgFile;

/** A machine on a crowded site: every distance, the zone where it may stand and the plan. */
final class Placing implements Measure
{
    public function key(): string
    {
        return 'place';
    }

    public function measure(Report $report): bool
    {
        $job = DemoJob::open()->job->with(CrowdedSite::plan());
        $all = new Times;
        for ($i = 0; $i < 20; $i++) {
            $all->measure(fn (): int => strlen((new SvgFile)->write((new SitePlanDrawing(new Design($job)))->drawing())));
        }

        return $report->kept('distances, zone and plan of 30 buildings, 60 openings, 20 obstacles, ms', $all->median(), 100, '%.0f');
    }
}

<?php

declare(strict_types=1);

namespace App\Screens;

use App\Drawings\LoadMap;
use App\Models\IntervalRecord;
use App\Models\Job;
use Underpin\Loads\Interval\LoadYear;
use Underpin\Loads\Interval\Recorded;

/** The utility's data of a job, as its page shows it. */
final readonly class IntervalScreen
{
    private function __construct(public ?IntervalRecord $record, public ?LoadYear $year, public ?LoadMap $map, public ?Recorded $recorded)
    {
    }

    public static function of(Job $job, int $back): self
    {
        $record = $job->intervalRecords()->first();
        $year = $record === null ? null : LoadYear::fromArray($record->summary);

        return new self($record, $year, $year === null ? null : new LoadMap($year, $back), $year?->recorded($record->file ?? ''));
    }
}

<?php

declare(strict_types=1);

namespace App\Screens;

use App\Files\FileStore;
use App\Models\IntervalRecord;
use App\Models\Job;
use Underpin\Drawing\Plot\LoadMap;
use Underpin\Job\RecordedPeak;
use Underpin\Measure\Interval\LoadYear;

/** The utility's data of a job, as its page shows it. */
final readonly class IntervalScreen
{
    private function __construct(
        public ?IntervalRecord $record,
        public ?LoadYear $year,
        public ?LoadMap $map,
        public ?RecordedPeak $recorded,
    ) {
    }

    public static function of(Job $job, int $back): self
    {
        $record = $job->intervalRecords()->first();
        $year = $record === null ? null : self::year($record);

        return new self($record, $year, $year === null ? null : new LoadMap($year, $back), $year?->recorded($record->file ?? ''));
    }

    private static function year(IntervalRecord $record): LoadYear
    {
        $data = json_decode(FileStore::get($record->hash), true, 64, JSON_THROW_ON_ERROR);

        return LoadYear::fromArray(is_array($data) ? $data : []);
    }
}

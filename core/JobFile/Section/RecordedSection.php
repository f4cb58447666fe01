<?php

declare(strict_types=1);

namespace Underpin\JobFile\Section;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Loads\Interval\IntervalSeries;
use Underpin\Loads\Interval\Recorded;
use Underpin\Refused;

/** Peak of the utility's interval data. */
final class RecordedSection
{
    public static function form(): Form
    {
        return new Form(
            Field::number('peak_w', 'highest quarter-hour mean: watts, or volt-amperes where is_va'),
            Field::text('at', 'local date and time of it')->atMost(20),
            Field::number('days', 'how long was recorded, days')->atMost(36_500),
            Field::numberChoice('interval_s', 'length of an interval, seconds', IntervalSeries::LENGTHS_S),
            Field::whole('missing', 'intervals that are not there'),
            Field::flag('sent_out', 'power was sent to the utility')->default(false),
            Field::flag('is_va', 'the meter records volt-amperes')->default(false),
            Field::text('file', 'name of the file')->atMost(120),
        );
    }

    /** @return array<string, mixed> */
    public static function write(Recorded $recorded): array
    {
        return [
            'peak_w' => $recorded->peakW, 'at' => $recorded->at, 'days' => $recorded->days, 'interval_s' => $recorded->seconds, 'missing' => $recorded->missing,
            'sent_out' => $recorded->sentOut, 'is_va' => $recorded->isVa, 'file' => $recorded->file,
        ];
    }

    /** @throws Refused by field */
    public static function read(?Values $in): ?Recorded
    {
        return $in === null ? null : new Recorded(
            $in->number('peak_w'), $in->text('at'), $in->number('days'), $in->whole('interval_s'), $in->whole('missing'), $in->flag('sent_out'), $in->flag('is_va'), $in->text('file'),
        );
    }
}

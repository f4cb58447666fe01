<?php

declare(strict_types=1);

namespace Underpin\Job\Part;

use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Form\Values;
use Underpin\Job\RecordedPeak;
use Underpin\Refused;

/** Peak of the utility's interval data. */
final class RecordedPeakPart
{
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::number(
                'peak_w', 'highest quarter-hour mean: watts, or volt-amperes where is_va',
            )->label('Recorded peak')->in(Unit::Watts),
            Field::text('at', 'local date and time of it')->label('At')->atMost(20),
            Field::number('days', 'how long was recorded, days')->label('Days')->atMost(36_500),
            Field::numberChoice('interval_s', 'length of an interval, seconds', RecordedPeak::INTERVALS_S)->label('Length of an interval'),
            Field::whole('missing', 'intervals that are not there')->label('Missing values'),
            Field::flag('sent_out', 'power was sent to the utility')->label('Power sent out')->default(false),
            Field::flag('is_va', 'the meter records volt-amperes')->label('Volt-amperes')->default(false),
            Field::text('file', 'name of the file')->label('File')->atMost(120),
        );
    }

    /** @return array<string, mixed> */
    public static function write(RecordedPeak $recorded): array
    {
        return [
            'peak_w' => $recorded->peakW, 'at' => $recorded->at, 'days' => $recorded->days, 'interval_s' => $recorded->seconds,
            'missing' => $recorded->missing,
            'sent_out' => $recorded->sentOut, 'is_va' => $recorded->isVa, 'file' => $recorded->file,
        ];
    }

    /** @throws Refused by field */
    public static function read(?Values $in): ?RecordedPeak
    {
        return $in === null ? null : new RecordedPeak(
            $in->number('peak_w'), $in->text('at'), $in->number('days'), $in->whole('interval_s'), $in->whole('missing'),
            $in->flag('sent_out'), $in->flag('is_va'), $in->text('file'),
        );
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Checklist\ChecklistStep;
use Underpin\Job\Work\StepRecord;
use Underpin\Say;

/** What was read in a step, as papers say it. */
final class StepWords
{
    /** A box to tick that stays in one line. */
    public const BOX = "[\u{a0}\u{a0}\u{a0}]";

    /** Initials and minute; the day stays in one line. */
    public static function by(StepRecord $record): string
    {
        return "$record->by, ".str_replace('-', "\u{2011}", $record->at);
    }

    public static function reading(ChecklistStep $step, StepRecord $record): string
    {
        $unit = $step->reading->unit->value ?? '';
        $range = $step->reading?->rangeFor($record);
        $isOut = $range !== null && $record->value !== null && ! $range->holds($record->value);

        return implode(', ', array_filter([
            $record->value === null ? '' : Say::figure($record->value)." $unit".($isOut ? ' OUT OF RANGE' : ''),
            $range === null ? '' : "{$range->words($unit)} ($range->from)", $record->tool === '' ? '' : "with $record->tool",
        ]));
    }
}

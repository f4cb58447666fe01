<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\OutageFigures;
use App\Bench\Report;

/** Outages acted out by their changes, a thousand of them, a timetable of turns, and the picture of thirty days. */
final class ActedOutages implements Measure
{
    /** of the time that stepping through every second takes */
    private const OUTAGE_SHARE = 0.1;

    private const OUTAGE_LONGER = 1.2;

    private const THOUSAND_S = 180;

    private const TURNS_S = 6.0;

    private const PICTURE_KB = 300.0;

    public function key(): string
    {
        return 'outage';
    }

    public function measure(Report $report): bool
    {
        foreach (OutageFigures::byChanges() as $what => [$changes, $seconds]) {
            $each = 1e6 * $seconds / max(1, $changes);
            $report->line(sprintf('%s: %s changes, %.3f s, %.1f µs each', $what, number_format($changes), $seconds, $each));
        }
        [$thousand, $more] = OutageFigures::thousand();

        return array_product([
            $report->kept(
                'an outage by its changes to one by every second, 30 days of 60 loads', 1 / OutageFigures::faster(),
                self::OUTAGE_SHARE, '%.3f',
            ),
            $report->kept('as many changes in ten times the time, to those in one', OutageFigures::longer(), self::OUTAGE_LONGER, '%.2f'),
            $report->kept('three days of 40 loads, every change kept', OutageFigures::threeDays(), 1.0, '%.2f s'),
            $report->kept('a thousand outages of a day with 25 loads', $thousand, self::THOUSAND_S, '%.0f s'),
            $report->kept('memory that the second half of them took', $more, 1.0, '%.2f MB'),
            $report->kept('turns of 20 loads over 96 slots, the slowest of four', OutageFigures::turns(), self::TURNS_S, '%.1f s'),
            $report->kept('picture of 30 days with 60 loads', OutageFigures::pictureKb(), self::PICTURE_KB, '%.0f kB'),
        ]) === 1;
    }
}

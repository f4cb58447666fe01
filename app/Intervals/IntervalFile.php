<?php

declare(strict_types=1);

namespace App\Intervals;

use App\Csv\TableLines;
use Closure;
use Underpin\Csv\DecimalMark;
use Underpin\Csv\NumberColumn;
use Underpin\Csv\OtherMark;
use Underpin\Measure\Interval\EspiFeed;
use Underpin\Measure\Interval\IntervalSeries;
use Underpin\Measure\Interval\LoadYear;
use Underpin\Measure\Interval\TableReader;
use Underpin\Measure\Interval\Zone;
use Underpin\Measure\ServiceLimit;
use Underpin\Refused;

/** A file of utility interval data, read a line or a node at a time. */
final class IntervalFile
{
    private const TELL_EVERY = 5000;

    /**
     * @param  ?Closure(int, ?float): void  $progress  readings so far, and the share of the file where it is known
     * @param  ?DecimalMark  $mark  of its values; null: as they show
     *
     * @throws Refused on "file"
     */
    public static function read(
        string $path, Zone $zone, ?Closure $progress = null, ServiceLimit $limit = new ServiceLimit, ?DecimalMark $mark = null,
    ): LoadYear {
        $head = (string) file_get_contents($path, false, null, 0, 512);
        $start = ltrim((string) preg_replace('/^\xEF\xBB\xBF/', '', $head));
        if (str_starts_with($start, '<') || preg_match('/^(\xFF\xFE<\0|\xFE\xFF\0<)/', $head) === 1) {
            return EspiFile::read($path, $zone, $progress, $limit);
        }
        try {
            return self::table($path, $zone, $progress, $limit, $mark);
        } catch (OtherMark $other) {
            return self::table($path, $zone, $progress, $limit, $other->mark);
        }
    }

    /**
     * @param  ?Closure(int, ?float): void  $progress
     *
     * @throws OtherMark when its values are to be read anew with another decimal mark
     */
    private static function table(string $path, Zone $zone, ?Closure $progress, ServiceLimit $limit, ?DecimalMark $mark): LoadYear
    {
        $series = new IntervalSeries;
        $lines = new TableLines($path);
        $reader = new TableReader($zone, $series, new NumberColumn($lines->delimiter(), $mark), $limit);
        foreach ($lines->rows() as $cells) {
            $reader->row($lines->line, $cells);
            if ($lines->line % self::TELL_EVERY === 0) {
                if (max($series->count(), intdiv($lines->line, 2)) > IntervalSeries::MOST_READINGS) {
                    throw EspiFeed::tooMany();
                }
                $progress === null ?: $progress($series->count(), min(1.0, $lines->at / max(1, $lines->bytes)));
            }
        }

        return $reader->finish($lines->line, $lines->whole);
    }
}

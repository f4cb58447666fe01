<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

/** Days of the Gregorian calendar, counted from 1 January 1970 (a Thursday). */
final class CivilDay
{
    /** Null when there is no such day. */
    public static function number(int $year, int $month, int $day): ?int
    {
        if ($year < 1970 || $year > 2199 || $month < 1 || $month > 12 || $day < 1 || $day > self::daysIn($year, $month)) {
            return null;
        }

        return self::count($year, $month, $day);
    }

    /** Null when it is no day as YYYY-MM-DD. */
    public static function read(string $iso): ?int
    {
        return preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $iso, $found) !== 1
            ? null
            : self::number((int) $found[1], (int) $found[2], (int) $found[3]);
    }

    /** The same for any year from 1 to 9999. */
    public static function ofAnyYear(string $iso): ?int
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $iso, $found) !== 1) {
            return null;
        }
        [$year, $month, $day] = [(int) $found[1], (int) $found[2], (int) $found[3]];

        return $year < 1 || $month < 1 || $month > 12 || $day < 1 || $day > self::daysIn($year, $month) ? null : self::count($year,
            $month, $day);
    }

    /** @return array{int, int, int} year, month, day */
    public static function parts(int $number): array
    {
        $z = $number + 719_468;
        $era = intdiv($z, 146_097);
        $ofEra = $z - $era * 146_097;
        $yearOfEra = intdiv($ofEra - intdiv($ofEra, 1460) + intdiv($ofEra, 36_524) - intdiv($ofEra, 146_096), 365);
        $ofYear = $ofEra - (365 * $yearOfEra + intdiv($yearOfEra, 4) - intdiv($yearOfEra, 100));
        $shifted = intdiv(5 * $ofYear + 2, 153);
        $month = $shifted < 10 ? $shifted + 3 : $shifted - 9;

        return [$yearOfEra + $era * 400 + ($month <= 2 ? 1 : 0), $month, $ofYear - intdiv(153 * $shifted + 2, 5) + 1];
    }

    /** "2026-03-08" */
    public static function iso(int $number): string
    {
        return vsprintf('%04d-%02d-%02d', self::parts($number));
    }

    /** 0 Monday to 6 Sunday. */
    public static function weekday(int $number): int
    {
        return ($number + 3) % 7;
    }

    private static function daysIn(int $year, int $month): int
    {
        $leap = $year % 4 === 0 && ($year % 100 !== 0 || $year % 400 === 0);

        return match ($month) {
            2 => $leap ? 29 : 28,
            4, 6, 9, 11 => 30,
            default => 31,
        };
    }

    private static function count(int $year, int $month, int $day): int
    {
        $year -= $month <= 2 ? 1 : 0;
        $era = intdiv($year, 400);
        $ofEra = $year - $era * 400;
        $ofYear = intdiv(153 * ($month + ($month > 2 ? -3 : 9)) + 2, 5) + $day - 1;

        return $era * 146_097 + $ofEra * 365 + intdiv($ofEra, 4) - intdiv($ofEra, 100) + $ofYear - 719_468;
    }

    /** As files of readings write days: 2026-03-31, 20260331 or 3/31/2026; null: it is none of these. */
    public static function inFile(string $date): ?int
    {
        $date = trim($date, " \t\"'");
        if (preg_match('/^(\d{4})[-\/.](\d{1,2})[-\/.](\d{1,2})$/', $date, $found) === 1) {
            return self::number((int) $found[1], (int) $found[2], (int) $found[3]);
        }
        if (preg_match('/^(\d{4})(\d\d)(\d\d)$/', $date, $found) === 1) {
            return self::number((int) $found[1], (int) $found[2], (int) $found[3]);
        }
        if (preg_match('/^(\d{1,2})[\/-](\d{1,2})[\/-](\d{2}|\d{4})$/', $date, $found) === 1) {
            return self::number((int) $found[3] + (strlen($found[3]) === 2 ? 2000 : 0), (int) $found[1], (int) $found[2]);
        }

        return null;
    }
}

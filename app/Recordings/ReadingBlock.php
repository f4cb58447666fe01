<?php

declare(strict_types=1);

namespace App\Recordings;

use Underpin\Measure\Reading;

/**
 * A minute of readings in a few bytes: how many, then all their times (milliseconds, 32 bits),
 * then the amperes of leg A and of leg B in turn (64 bits each), all little-endian. A day of ten
 * readings a second is 1,440 such blocks instead of 864,000 rows.
 */
final class ReadingBlock
{
    public const MS = 60_000;

    /** @param  list<Reading>  $readings  in the order of time */
    public static function pack(array $readings): string
    {
        $times = $amps = [];
        foreach ($readings as $reading) {
            $times[] = $reading->atMs;
            $amps[] = $reading->aAmps;
            $amps[] = $reading->bAmps;
        }

        return pack('V', count($readings)).pack('V*', ...$times).pack('e*', ...$amps);
    }

    /** @return list<Reading> in the order of time */
    public static function unpack(string $bytes): array
    {
        /** @var array{1: int} $head */
        $head = unpack('V', $bytes);
        $count = $head[1];
        if ($count === 0) {
            return [];
        }
        /** @var array<int, int> $times */
        $times = unpack("V$count", $bytes, 4);
        /** @var array<int, float> $amps */
        $amps = unpack('e'.(2 * $count), $bytes, 4 + 4 * $count);
        $readings = [];
        for ($i = 1; $i <= $count; $i++) {
            $readings[] = new Reading($times[$i], $amps[2 * $i - 1], $amps[2 * $i]);
        }

        return $readings;
    }

    /**
     * Readings that are there already stay as they are: a batch may come twice.
     *
     * @param  list<Reading>  $more
     */
    public static function merge(string $bytes, array $more): string
    {
        $all = [];
        foreach ([...self::unpack($bytes), ...$more] as $reading) {
            $all[$reading->atMs] ??= $reading;
        }
        ksort($all);

        return self::pack(array_values($all));
    }
}

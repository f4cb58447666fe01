<?php

declare(strict_types=1);

namespace App\Recordings;

use App\Models\Recording;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Underpin\Measure\Mark;
use Underpin\Measure\Reading;

/** The one place where the readings and marks of a recording become rows, and rows become them. */
final class RecordingRows
{
    /** how many blocks are fetched at a time */
    private const AT_ONCE = 60;

    /** Milliseconds since the recording began; null: nothing was kept yet. */
    public static function lastMs(Recording $recording): ?int
    {
        $last = self::blocks($recording)->orderByDesc('minute')->value('readings');
        $readings = is_string($last) ? ReadingBlock::unpack($last) : [];

        return $readings === [] ? null : $readings[count($readings) - 1]->atMs;
    }

    /**
     * A few minutes of them are held at a time: a recording may last a day.
     *
     * @return iterable<Reading> in the order of time
     */
    public static function readings(Recording $recording, int $sinceMs = 0): iterable
    {
        $next = intdiv($sinceMs, ReadingBlock::MS);
        do {
            $blocks = self::blocks($recording)
                ->where('minute', '>=', $next)
                ->orderBy('minute')
                ->limit(self::AT_ONCE)
                ->get(['minute', 'readings']);
            foreach ($blocks as $block) {
                foreach (ReadingBlock::unpack((string) $block->readings) as $reading) {
                    if ($reading->atMs >= $sinceMs) {
                        yield $reading;
                    }
                }
                $next = (int) $block->minute + 1;
            }
        } while (count($blocks) === self::AT_ONCE);
    }

    /** @return ?array{int, int} milliseconds of the first reading and of the last; null: nothing was kept yet */
    public static function span(Recording $recording): ?array
    {
        $first = self::blocks($recording)->orderBy('minute')->value('readings');
        $readings = is_string($first) ? ReadingBlock::unpack($first) : [];

        return $readings === [] ? null : [$readings[0]->atMs, (int) self::lastMs($recording)];
    }

    /**
     * What is there already stays: a batch may come twice.
     *
     * @param  list<Reading>  $readings
     */
    public static function keep(Recording $recording, array $readings): void
    {
        $minutes = [];
        foreach ($readings as $reading) {
            $minutes[intdiv($reading->atMs, ReadingBlock::MS)][] = $reading;
        }
        DB::transaction(function () use ($recording, $minutes): void {
            // One batch after the other: two that fall into one minute must both be in it.
            Recording::query()->whereKey($recording->id)->lockForUpdate()->value('id');
            foreach (array_chunk($minutes, self::AT_ONCE, true) as $chunk) {
                $there = self::blocks($recording)->whereIn('minute', array_keys($chunk))->pluck('readings', 'minute');
                DB::table('reading_blocks')->upsert(array_map(fn (int $minute, array $new): array => [
                    'recording_id' => $recording->id, 'minute' => $minute,
                    'readings' => ReadingBlock::merge(is_string($there[$minute] ?? null) ? $there[$minute] : ReadingBlock::pack([]), $new),
                ], array_keys($chunk), $chunk), ['recording_id', 'minute'], ['readings']);
            }
        });
    }

    /** @return list<Mark> in the order of time */
    public static function marks(Recording $recording): array
    {
        $marks = [];
        foreach (DB::table('marks')->where('recording_id', $recording->id)->orderBy('at_ms')->get() as $mark) {
            $marks[] = new Mark((int) $mark->at_ms, (string) $mark->said, $mark->circuit_key === null ? null : (string) $mark->circuit_key);
        }

        return $marks;
    }

    /** One mark for each moment: the same mark may come twice. */
    public static function mark(Recording $recording, Mark $mark): void
    {
        DB::table('marks')->insertOrIgnore(
            ['recording_id' => $recording->id, 'at_ms' => $mark->atMs, 'said' => $mark->said, 'circuit_key' => $mark->circuitId]
        );
    }

    private static function blocks(Recording $recording): Builder
    {
        return DB::table('reading_blocks')->where('recording_id', $recording->id);
    }
}

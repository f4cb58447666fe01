<?php

declare(strict_types=1);

namespace App\Recordings;

use App\Models\Recording;
use Illuminate\Support\Facades\DB;
use Underpin\Loads\Measure\Mark;
use Underpin\Loads\Measure\Reading;

/** The one place where the readings and marks of a recording become rows, and rows become them. */
final class RecordingRows
{
    private const AT_ONCE = 1000;

    /** Milliseconds since the recording began; null: nothing was kept yet. */
    public static function lastMs(Recording $recording): ?int
    {
        $last = DB::table('readings')->where('recording_id', $recording->id)->max('at_ms');

        return is_numeric($last) ? (int) $last : null;
    }

    /** @return list<Reading> in the order of time */
    public static function readings(Recording $recording, int $sinceMs = 0): array
    {
        $readings = [];
        foreach (DB::table('readings')->where('recording_id', $recording->id)->where('at_ms', '>=', $sinceMs)->orderBy('at_ms')->get(['at_ms', 'a_amps', 'b_amps']) as $row) {
            $readings[] = new Reading((int) $row->at_ms, (float) $row->a_amps, (float) $row->b_amps);
        }

        return $readings;
    }

    /**
     * What is there already stays: a batch may come twice.
     *
     * @param  list<Reading>  $readings
     */
    public static function keep(Recording $recording, array $readings): void
    {
        foreach (array_chunk($readings, self::AT_ONCE) as $chunk) {
            DB::table('readings')->insertOrIgnore(array_map(
                fn (Reading $r): array => ['recording_id' => $recording->id, 'at_ms' => $r->atMs, 'a_amps' => $r->aAmps, 'b_amps' => $r->bAmps],
                $chunk,
            ));
        }
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
        DB::table('marks')->insertOrIgnore(['recording_id' => $recording->id, 'at_ms' => $mark->atMs, 'said' => $mark->said, 'circuit_key' => $mark->circuitId]);
    }
}

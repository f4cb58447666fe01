<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use App\Models\Photo;
use App\Models\Recording;
use Illuminate\Support\Facades\DB;

/** The one place where photos, recordings and the utility's data of a job become rows, and rows become them. */
final class AttachmentRows
{
    private const PHOTO = ['of', 'of_key', 'name', 'width', 'height', 'bytes', 'hash', 'small_hash', 'added_at'];

    private const RECORDING = ['name', 'began_ms', 'ended', 'buffer_a', 'inlet_a'];

    private const INTERVAL = ['file', 'hash', 'added_at'];

    public static function read(Job $job): Attachments
    {
        return new Attachments(
            array_values($job->photos()->orderBy('id')->get()->map(self::photo(...))->all()),
            array_values($job->recordings()->orderBy('id')->get()->map(self::recording(...))->all()),
            self::list($job, 'interval_records', self::INTERVAL),
        );
    }

    /** @return array<string, mixed> */
    public static function photo(Photo $photo): array
    {
        return ['id' => $photo->key] + array_map(self::plain(...), $photo->only(self::PHOTO));
    }

    /** @return array<string, mixed> */
    public static function recording(Recording $recording): array
    {
        return ['id' => $recording->key] + $recording->only(self::RECORDING);
    }

    public static function save(Job $job, Attachments $old, Attachments $new): void
    {
        self::write($job, 'photos', $old->photos, $new->photos);
        self::write($job, 'interval_records', $old->intervals, $new->intervals);
        self::writeRecordings($job, $old->recordings, $new->recordings);
    }

    /**
     * @param  list<array<string, mixed>>  $old
     * @param  list<array<string, mixed>>  $new
     */
    private static function write(Job $job, string $table, array $old, array $new): void
    {
        $was = array_column($old, null, 'id');
        $is = array_column($new, null, 'id');
        foreach (array_diff_key($was, $is) as $id => $gone) {
            DB::table($table)->where('job_id', $job->id)->where('key', $id)->delete();
        }
        foreach ($is as $id => $item) {
            if ($item !== ($was[$id] ?? null)) {
                DB::table($table)->updateOrInsert(['job_id' => $job->id, 'key' => $id], array_diff_key($item, ['id' => 0]));
            }
        }
    }

    /**
     * A recording that is taken away keeps its readings, so that it can be brought back.
     *
     * @param  list<array<string, mixed>>  $old
     * @param  list<array<string, mixed>>  $new
     */
    private static function writeRecordings(Job $job, array $old, array $new): void
    {
        $is = array_column($new, null, 'id');
        foreach (array_diff_key(array_column($old, null, 'id'), $is) as $id => $gone) {
            DB::table('recordings')->where('job_id', $job->id)->where('key', $id)->update(['deleted_at' => now()]);
        }
        $was = array_column($old, null, 'id');
        foreach ($is as $id => $item) {
            if ($item !== ($was[$id] ?? null)) {
                DB::table('recordings')->updateOrInsert(
                    ['job_id' => $job->id, 'key' => $id],
                    ['deleted_at' => null] + array_diff_key($item, ['id' => 0]),
                );
            }
        }
    }

    /**
     * @param  list<string>  $columns
     * @return list<array<string, mixed>>
     */
    private static function list(Job $job, string $table, array $columns): array
    {
        $list = [];
        foreach (DB::table($table)->where('job_id', $job->id)->orderBy('id')->get(['key', ...$columns]) as $row) {
            $values = (array) $row;
            $list[] = ['id' => $values['key']] + array_diff_key($values, ['key' => 0]);
        }

        return $list;
    }

    private static function plain(mixed $value): mixed
    {
        return $value instanceof \DateTimeInterface ? $value->format('Y-m-d H:i:s') : $value;
    }
}

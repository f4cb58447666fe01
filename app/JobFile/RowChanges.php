<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Brings the rows of panels, circuits and loads from one state of a job to the next. */
final readonly class RowChanges
{
    /** what the rows of each table belong to, and the column that says to which */
    private const OWNERS = ['panels' => null, 'circuits' => ['panels', 'panel_id'], 'loads' => ['circuits', 'circuit_id']];

    private const AT_ONCE = 200;

    public function __construct(private Job $job)
    {
    }

    /**
     * @param  array<string, array<string, array{string, array<string, mixed>}>>  $old  by table and by key with a blank before it: key
     * of the owner, columns
     * @param  array<string, array<string, array{string, array<string, mixed>}>>  $new
     */
    public function write(array $old, array $new): void
    {
        foreach (array_reverse(array_keys(self::OWNERS)) as $table) {
            $gone = array_map(fn (string $key): string => substr($key, 1), array_keys(array_diff_key($old[$table], $new[$table])));
            if ($gone !== []) {
                $this->rows($table)->whereIn('key', $gone)->delete();
            }
        }
        foreach (array_keys(self::OWNERS) as $table) {
            foreach (array_intersect_key($new[$table], $old[$table]) as $key => $row) {
                $this->change($table, substr($key, 1), $old[$table][$key], $row);
            }
            $this->add($table, array_values(array_diff_key($new[$table], $old[$table])));
        }
    }

    /**
     * @param  array{string, array<string, mixed>}  $old
     * @param  array{string, array<string, mixed>}  $new
     */
    private function change(string $table, string $key, array $old, array $new): void
    {
        $columns = array_filter($new[1], fn (mixed $value, string $column): bool => $value !== $old[1][$column], ARRAY_FILTER_USE_BOTH);
        if ($new[0] !== $old[0]) {
            $columns += $this->owner($table, $this->ids($table), $new[0]);
        }
        if ($columns !== []) {
            $this->rows($table)->where('key', $key)->update($columns);
        }
    }

    /** @param  list<array{string, array<string, mixed>}>  $rows */
    private function add(string $table, array $rows): void
    {
        $ids = $rows === [] ? [] : $this->ids($table);
        foreach (array_chunk($rows, self::AT_ONCE) as $some) {
            DB::table($table)->insert(array_map(
                fn (array $row): array => ['job_id' => $this->job->id, ...$this->owner($table, $ids, $row[0]), ...$row[1]],
                $some,
            ));
        }
    }

    /**
     * @param  array<array-key, mixed>  $ids  of the owners by key
     * @return array<string, mixed> the column that says what a row belongs to
     */
    private function owner(string $table, array $ids, string $key): array
    {
        $owner = self::OWNERS[$table] ?? null;

        return $owner === null ? [] : [$owner[1] => $ids[$key]];
    }

    /** @return array<array-key, mixed> ids of what the rows of a table belong to, by key */
    private function ids(string $table): array
    {
        $owner = self::OWNERS[$table] ?? null;

        return $owner === null ? [] : $this->rows($owner[0])->pluck('id', 'key')->all();
    }

    private function rows(string $table): Builder
    {
        return DB::table($table)->where('job_id', $this->job->id);
    }
}

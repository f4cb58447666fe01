<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use Underpin\Loads\Measure\Mark as CoreMark;
use Underpin\Loads\Measure\Reading;

/**
 * A recording of both legs with two clamps on the mains.
 *
 * @property int $id
 * @property int $job_id
 * @property string $key
 * @property string $name
 * @property int $began_ms milliseconds since 1970
 * @property bool $ended
 * @property float $buffer_a
 * @property int $inlet_a
 */
final class Recording extends Model
{
    use SoftDeletes;

    public $timestamps = false;

    protected $guarded = [];

    /** @return HasMany<Mark, $this> */
    public function marks(): HasMany
    {
        return $this->hasMany(Mark::class);
    }

    public function lastMs(): ?int
    {
        $last = DB::table('readings')->where('recording_id', $this->id)->max('at_ms');

        return $last === null ? null : (int) $last;
    }

    /** @return list<Reading> in the order of time */
    public function readings(int $sinceMs = 0): array
    {
        $readings = [];
        foreach (DB::table('readings')->where('recording_id', $this->id)->where('at_ms', '>=', $sinceMs)->orderBy('at_ms')->get(['at_ms', 'a_amps', 'b_amps']) as $row) {
            $readings[] = new Reading((int) $row->at_ms, (float) $row->a_amps, (float) $row->b_amps);
        }

        return $readings;
    }

    /**
     * What is there already stays: a batch may come twice.
     *
     * @param  list<Reading>  $readings
     */
    public function keep(array $readings): void
    {
        foreach (array_chunk($readings, 1000) as $chunk) {
            DB::table('readings')->insertOrIgnore(array_map(
                fn (Reading $r): array => ['recording_id' => $this->id, 'at_ms' => $r->atMs, 'a_amps' => $r->aAmps, 'b_amps' => $r->bAmps],
                $chunk,
            ));
        }
    }

    /** @return list<CoreMark> */
    public function said(): array
    {
        $said = [];
        foreach (DB::table('marks')->where('recording_id', $this->id)->orderBy('at_ms')->get() as $mark) {
            $said[] = new CoreMark((int) $mark->at_ms, (string) $mark->said, $mark->circuit_key === null ? null : (string) $mark->circuit_key);
        }

        return $said;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['began_ms' => 'integer', 'ended' => 'boolean', 'buffer_a' => 'float', 'inlet_a' => 'integer'];
    }
}

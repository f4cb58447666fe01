<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The state of the stand-in meter of a job and of the house it reads.
 *
 * @property int $id
 * @property int $job_id
 * @property array{seed: int, base_a: float, base_b: float, noise_a: float, swapped: bool, loads: list<array{c: string, leg: string,
 * run_a: float, start_a: float, settle_s: float}>, runs: list<array{c: string, on: int, off: ?int}>} $state
 */
final class StandInMeter extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => 'array'];
    }
}

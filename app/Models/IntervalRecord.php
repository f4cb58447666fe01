<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What the utility's meter recorded at a job, hour by hour.
 *
 * @property int $id
 * @property int $job_id
 * @property string $file
 * @property array<string, mixed> $summary
 * @property ?Carbon $added_at
 */
final class IntervalRecord extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['summary' => 'array', 'added_at' => 'datetime'];
    }
}

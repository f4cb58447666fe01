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
 * @property string $key
 * @property string $hash of the summary, which names its file
 * @property ?Carbon $added_at
 */
final class IntervalRecord extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['added_at' => 'datetime'];
    }
}

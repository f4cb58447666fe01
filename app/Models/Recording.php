<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A recording of both legs with two clamps on the mains. Its readings and marks are rows of their own.
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

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['began_ms' => 'integer', 'ended' => 'boolean', 'buffer_a' => 'float', 'inlet_a' => 'integer'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $job_id
 * @property int $panel_id
 * @property string $key
 * @property int $space
 * @property ?string $half
 * @property int $poles
 * @property int $amps
 * @property string $name
 * @property string $protection
 * @property string $role
 * @property string $note
 * @property string $keep_on
 * @property ?int $receptacle_a
 * @property ?string $measured_leg
 * @property ?float $measured_run_a
 * @property ?float $measured_start_a
 * @property string $measured_on
 * @property bool $measured_by_hand
 * @property string $shares_neutral_with
 */
final class Circuit extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'space' => 'integer', 'poles' => 'integer', 'amps' => 'integer', 'receptacle_a' => 'integer', 'measured_run_a' => 'float',
            'measured_start_a' => 'float', 'measured_by_hand' => 'boolean',
        ];
    }
}

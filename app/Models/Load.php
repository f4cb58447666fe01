<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $job_id
 * @property int $circuit_id
 * @property string $key
 * @property int $position
 * @property string $name
 * @property string $kind
 * @property ?float $run_w
 * @property ?float $start_w
 * @property float $pf
 * @property ?string $duty
 * @property ?float $on_s
 * @property ?float $off_s
 * @property ?string $season
 * @property ?string $phase
 * @property ?int $pole
 * @property ?bool $plug
 * @property ?float $bridge_min
 */
final class Load extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'position' => 'integer', 'run_w' => 'float', 'start_w' => 'float', 'pf' => 'float', 'on_s' => 'float', 'off_s' => 'float',
            'pole' => 'integer', 'plug' => 'boolean', 'bridge_min' => 'float',
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $job_id
 * @property string $key
 * @property int $position
 * @property string $name
 * @property string $kind
 * @property int $spaces
 * @property ?int $main_a
 * @property ?bool $interlock_listed
 * @property int $interlock_space
 * @property ?bool $has_multiwire
 * @property string $fed_from
 * @property ?int $feeder_a
 * @property string $feeder_circuit
 * @property ?bool $bonded
 * @property string $tandem_spaces
 * @property ?bool $main_lugs
 * @property ?int $bus_a
 */
final class Panel extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'position' => 'integer', 'spaces' => 'integer', 'main_a' => 'integer', 'interlock_listed' => 'boolean',
            'interlock_space' => 'integer', 'has_multiwire' => 'boolean', 'feeder_a' => 'integer', 'bonded' => 'boolean',
            'other_building' => 'boolean', 'main_lugs' => 'boolean', 'bus_a' => 'integer',
        ];
    }
}

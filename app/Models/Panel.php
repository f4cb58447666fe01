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
            'interlock_space' => 'integer', 'has_multiwire' => 'boolean',
        ];
    }
}

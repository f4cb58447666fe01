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
 */
final class Circuit extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['space' => 'integer', 'poles' => 'integer', 'amps' => 'integer'];
    }
}

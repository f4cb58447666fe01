<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property int $recording_id
 * @property int $at_ms
 * @property string $said
 * @property ?string $circuit_key
 */
final class Mark extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}

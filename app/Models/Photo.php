<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A picture of a stage, a panel or a circuit. Its file lies in storage by its hash.
 *
 * @property int $id
 * @property int $job_id
 * @property string $key
 * @property string $of
 * @property string $of_key
 * @property string $name
 * @property int $width
 * @property int $height
 * @property int $bytes
 * @property string $hash of the picture, which names its file
 * @property string $small_hash of its thumbnail
 * @property ?Carbon $added_at
 */
final class Photo extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['width' => 'integer', 'height' => 'integer', 'bytes' => 'integer', 'added_at' => 'datetime'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A picture of a stage, a panel or a circuit. The files lie in storage, by the job's id and its key.
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
 * @property ?Carbon $added_at
 */
final class Photo extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    public function path(): string
    {
        return "photos/$this->job_id/$this->key.jpg";
    }

    public function thumbnailPath(): string
    {
        return "photos/$this->job_id/$this->key-small.jpg";
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['width' => 'integer', 'height' => 'integer', 'bytes' => 'integer', 'added_at' => 'datetime'];
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * That a mail about something due went out, so that it goes once.
 *
 * @property int $id
 * @property int $job_id
 * @property string $key
 * @property string $due_on
 */
final class Reminder extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One step in the history of a job file: which rows it changed, before and after.
 *
 * @property int $id
 * @property int $job_id
 * @property int $seq
 * @property ?int $user_id
 * @property string $label
 * @property list<array{table: string, id: int, before: ?array<string, mixed>, after: ?array<string, mixed>}> $ops
 * @property Carbon $created_at
 * @property ?User $user
 */
final class JobChange extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['seq' => 'integer', 'ops' => 'array', 'created_at' => 'datetime'];
    }
}

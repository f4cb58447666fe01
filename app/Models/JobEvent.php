<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Underpin\Exchange\JobPatch;

/**
 * One step in the ledger of a job: who, when, what in words, and what changed in the terms of a job
 * file. Never changed once it is written. The tops say which steps can be taken back or done again
 * after this one; what lies below a top says which can be after that.
 *
 * @property int $id
 * @property int $job_id
 * @property int $seq
 * @property ?int $user_id
 * @property string $by name of who did it
 * @property string $label
 * @property list<array{key: list<string>, from: mixed, to: mixed}> $changes
 * @property ?int $undoes
 * @property ?int $redoes
 * @property ?int $undo_top
 * @property ?int $undo_below
 * @property ?int $redo_top
 * @property ?int $redo_below
 * @property Carbon $created_at
 * @property ?User $user
 */
final class JobEvent extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    public function patch(): JobPatch
    {
        $changes = $this->getAttribute('changes');

        return JobPatch::of(is_array($changes) ? $changes : []);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'seq' => 'integer', 'changes' => 'array', 'created_at' => 'datetime', 'undoes' => 'integer', 'redoes' => 'integer',
            'undo_top' => 'integer', 'undo_below' => 'integer', 'redo_top' => 'integer', 'redo_below' => 'integer',
        ];
    }
}

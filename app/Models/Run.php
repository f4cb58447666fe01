<?php

declare(strict_types=1);

namespace App\Models;

use App\Runs\RunState;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use RuntimeException;

/**
 * Long work on a job: what was asked for, how far it is, and what came of it.
 *
 * @property int $id
 * @property int $job_id
 * @property int $user_id
 * @property string $task its key among the tasks
 * @property string $label
 * @property array<string, string> $input
 * @property ?int $read_seq the last step of the job's ledger that it has seen; null: it has not begun
 * @property RunState $state
 * @property ?float $share of 1; null: not known
 * @property ?array<string, mixed> $kept what it has so far, and goes on from; null: it begins anew
 * @property string $said what it does now, what came of it, or what is wrong
 * @property bool $stop_asked
 * @property ?Carbon $beat_at when the worker last said that it is at it
 * @property ?Job $job
 * @property ?User $user
 */
final class Run extends Model
{
    protected $guarded = [];

    protected $attributes = ['state' => 'waiting', 'said' => '', 'stop_asked' => false];

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function onJob(): Job
    {
        return $this->job ?? throw new RuntimeException('The job of a run is gone.');
    }

    public function byUser(): User
    {
        return $this->user ?? throw new RuntimeException('The person of a run is gone.');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'input' => 'array', 'kept' => 'array', 'state' => RunState::class, 'share' => 'float', 'stop_asked' => 'boolean',
            'beat_at' => 'datetime',
        ];
    }
}

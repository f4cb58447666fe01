<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\Job;
use App\Models\JobEvent;
use App\Models\Run;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Long work is begun, stopped and begun anew here. */
final class Runs
{
    /** Seconds without a word after which nobody is at it any more. */
    public const SILENT_S = 10;

    /** @param  array<string, string>  $input */
    public static function begin(Job $job, User $user, Task $task, string $label, array $input): Run
    {
        $run = Run::query()->create([
            'job_id' => $job->id, 'user_id' => $user->id, 'task' => $task->key(), 'label' => mb_substr($label, 0, 200), 'input' => $input,
        ]);
        RunWork::dispatch($run->id);

        return $run->refresh();
    }

    /** A run that waits is over at once; one that runs is over when it next tells how far it is. */
    public static function stop(Run $run): void
    {
        Run::query()->whereKey($run->id)->whereIn('state', [RunState::Waiting, RunState::Running])->update(['stop_asked' => true]);
        Run::query()
            ->whereKey($run->id)
            ->where('state', RunState::Waiting)
            ->update(['state' => RunState::Stopped, 'said' => self::stopped($run)]);
    }

    /** What is said of one that was stopped. */
    public static function stopped(Run $run): string
    {
        return $run->kept === null ? 'Stopped. Nothing was kept.' : 'Stopped. It goes on where it was.';
    }

    /** What has failed, was stopped, or is stale. */
    public static function again(Run $run, Task $task): void
    {
        $isStale = self::isStale($run, $task);
        $taken = Run::query()->whereKey($run->id)->whereIn('state', $isStale ? [RunState::Done] : [RunState::Failed, RunState::Stopped])
            ->update([
                'state' => RunState::Waiting, 'stop_asked' => false, 'said' => '', 'share' => null, 'beat_at' => null,
                ...$isStale ? ['kept' => null] : [],
            ]);
        if ($taken === 1) {
            RunWork::dispatch($run->id);
        }
    }

    /** For the one worker that is to do it; null: it is over, or another is at it. */
    public static function claim(int $id): ?Run
    {
        return DB::transaction(function () use ($id): ?Run {
            $run = Run::query()->whereKey($id)->lockForUpdate()->first();
            $isFree = $run !== null && ($run->state === RunState::Waiting
                || $run->state === RunState::Running && ($run->beat_at === null || $run->beat_at->lt(now()->subSeconds(self::SILENT_S))));
            if (! $isFree) {
                return null;
            }
            $seen = JobEvent::query()->where('job_id', $run->job_id)->max('seq');
            $run->update(['state' => RunState::Running, 'beat_at' => now(), 'read_seq' => is_numeric($seen) ? (int) $seen : 0]);

            return $run;
        });
    }

    /** It came to a good end, and what it rests on has changed since. */
    public static function isStale(Run $run, Task $task): bool
    {
        if ($run->state !== RunState::Done || $run->read_seq === null || $task->reads() === []) {
            return false;
        }
        foreach (JobEvent::query()->where('job_id', $run->job_id)->where('seq', '>', $run->read_seq)->get() as $event) {
            foreach ($task->reads() as $part) {
                if ($event->patch()->touches([$part])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The newest of a kind that has not come to a good end, or not to one that still holds. */
    public static function unfinished(Job $job, Task $task): ?Run
    {
        $run = Run::query()->where('job_id', $job->id)->where('task', $task->key())->orderByDesc('id')->first();

        return $run === null || ($run->state === RunState::Done && ! self::isStale($run, $task)) ? null : $run;
    }
}

<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Http\Middleware\Once;
use App\Models\Job;
use App\Models\JobEvent;
use App\Models\Shop;
use App\Models\User;
use Closure;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Underpin\Checks\Review;
use Underpin\Exchange\JobPatch;
use Underpin\Job\Feeders;
use Underpin\Job\Job as JobFile;
use Underpin\Refused;
use Underpin\Stages\Stages;

/**
 * Every change of a job goes through here: in one transaction with the job locked, checked as a whole
 * by the core, undone as a whole when the core refuses, and written to the ledger of its events.
 * Events are only ever added: taking one back is an event too.
 *
 * @phpstan-type EventColumns array{label: string, undo_top?: ?int, redo_top?: ?int, ...}
 */
final class JobEditor
{
    public static function open(Job $row): EditedJob
    {
        $job = JobRows::read($row);

        return new EditedJob($row, $job, Review::of($job));
    }

    /**
     * @param  string|Closure(): string  $label  what was done, for the history: "5–7 Well pump: must run"; asked for once it is done
     * @param  callable(JobFile, Job): JobFile  $edit
     *
     * @throws Refused by field, when the job would make no sense; nothing is changed then
     * @throws AuthorizationException when it is not this user's to change
     * @throws Conflict when somebody else has changed the same thing
     */
    public static function change(Job $row, User $user, string|Closure $label, callable $edit): EditedJob
    {
        return DB::transaction(function () use ($row, $user, $label, $edit): EditedJob {
            $locked = self::locked($row);
            $old = new JobState(JobRows::read($locked));
            $new = $old->withJob($edit($old->job, $locked));

            return self::step($locked, $user, $old, $new, self::anew($label));
        });
    }

    /**
     * The same where something attached to the job changes with it.
     *
     * @param  callable(JobState, Job): JobState  $edit
     *
     * @throws Refused by field; nothing is changed then
     */
    public static function attach(Job $row, User $user, string $label, callable $edit): EditedJob
    {
        return DB::transaction(function () use ($row, $user, $label, $edit): EditedJob {
            $locked = self::locked($row);
            $old = new JobState(JobRows::read($locked), AttachmentRows::read($locked));

            return self::step($locked, $user, $old, $edit($old, $locked), self::anew($label));
        });
    }

    /** A new job from a whole one: an import, or an empty one. */
    public static function create(Shop $shop, User $user, JobFile $job): EditedJob
    {
        return DB::transaction(function () use ($shop, $user, $job): EditedJob {
            $row = $shop->jobs()->create([...JobColumns::job($job), 'saved_by' => $user->id]);
            $row->refresh();
            Gate::forUser($user)->authorize('change', [$row, (new JobState(new JobFile($job->name)))->patchTo(new JobState($job))]);
            JobWriter::save($row, $job->with($job->service->with(panels: [])), $job);

            return self::settle($row, $user, $job);
        });
    }

    /**
     * One step back, as a step of its own.
     *
     * @param  int  $seq  the change that the user saw on top
     *
     * @throws Refused when another change has come on top, or there is none
     */
    public static function undo(Job $row, User $user, int $seq): EditedJob
    {
        $top = fn (Step $last): ?int => $last->undoTop;

        return self::again($row, $user, $seq, $top, fn (JobEvent $event, Step $last, int $own): array => [
            'label' => $event->label, 'undoes' => $event->seq,
            'undo_top' => $event->undo_below, 'redo_top' => $own, 'redo_below' => $last->redoTop,
        ]);
    }

    /**
     * What was taken back is done again, as a step of its own.
     *
     * @param  int  $seq  the step back that is to be taken back
     *
     * @throws Refused when there is none, or something else was done since
     */
    public static function redo(Job $row, User $user, int $seq): EditedJob
    {
        $top = fn (Step $last): ?int => $last->redoTop;

        return self::again($row, $user, $seq, $top, fn (JobEvent $event, Step $last, int $own): array => [
            'label' => $event->label, 'redoes' => $event->seq,
            'undo_top' => $own, 'undo_below' => $last->undoTop, 'redo_top' => $event->redo_below,
        ]);
    }

    /**
     * @param  string|Closure(): string  $label
     * @return callable(?Step, int): EventColumns columns of an event that nobody did before
     */
    private static function anew(string|Closure $label): callable
    {
        return fn (?Step $last, int $seq): array => [
            'label' => mb_substr(is_string($label) ? $label : $label(), 0, 200), 'undo_top' => $seq, 'undo_below' => $last?->undoTop,
        ];
    }

    /**
     * @param  callable(Step): ?int  $top  the step that may be taken back or done again now
     * @param  callable(JobEvent, Step, int): EventColumns  $columns  from the event on top, the last step, and its own number
     */
    private static function again(Job $row, User $user, int $seq, callable $top, callable $columns): EditedJob
    {
        return DB::transaction(function () use ($row, $user, $seq, $top, $columns): EditedJob {
            $locked = self::locked($row);
            $last = Step::last($locked);
            if ($last === null || $top($last) !== $seq) {
                throw new Refused(
                    'history',
                    'The job has been changed since this page was opened. Look at it again before taking a step back or forward.',
                );
            }
            $event = self::at($locked, $seq) ?? throw new Refused('history', 'There is nothing left to take back here.');
            $patch = $event->patch()->backwards();
            $old = new JobState(JobRows::read($locked), AttachmentRows::read($locked));
            $new = JobState::of($patch->apply($old->toArray()));

            return self::step($locked, $user, $old, $new, fn (?Step $before, int $own): array => $columns($event, $last, $own));
        });
    }

    /** @param  callable(?Step, int): EventColumns  $columns  of the new event: from the last step and its own number */
    private static function step(Job $locked, User $user, JobState $old, JobState $new, callable $columns): EditedJob
    {
        self::guard($old->job, $new->job);
        $patch = $old->patchTo($new);
        Gate::forUser($user)->authorize('change', [$locked, $patch]);
        $step = null;
        if (! $patch->isEmpty()) {
            $last = Step::last($locked);
            $seq = ($last->seq ?? 0) + 1;
            $step = self::write($locked, $user, $seq, $patch, $columns($last, $seq));
            JobWriter::save($locked, $old->job, $new->job);
            AttachmentRows::save($locked, $old->attachments, $new->attachments);
        }

        return self::settle($locked, $user, $new->job, $patch, $step);
    }

    /** @param  EventColumns  $columns  beside what every event has */
    private static function write(Job $job, User $user, int $seq, JobPatch $patch, array $columns): Step
    {
        $at = Carbon::now()->startOfSecond();
        DB::table('job_events')->insert([
            'job_id' => $job->id, 'seq' => $seq, 'user_id' => $user->id, 'by' => $user->name,
            'changes' => json_encode($patch->changes, JSON_THROW_ON_ERROR), 'created_at' => $at,
            'once' => Context::getHidden(Once::HEAD), ...$columns,
        ]);

        return new Step($seq, $user->name, $columns['label'], $at, $columns['undo_top'] ?? null, $columns['redo_top'] ?? null);
    }

    private static function locked(Job $row): Job
    {
        $columns = DB::table('jobs')->where('id', $row->id)->whereNull('deleted_at')->lockForUpdate()->first();

        return $columns === null ? throw Conflict::gone($row) : $row->newFromBuilder((array) $columns);
    }

    private static function at(Job $job, ?int $seq): ?JobEvent
    {
        return $seq === null ? null : $job->events()->where('seq', $seq)->first();
    }

    /** @throws Refused when panels feed each other in a circle, breakers share a space, or a quote that was handed over is not the same */
    private static function guard(JobFile $old, JobFile $job): void
    {
        try {
            Feeders::guard($job->service, $job->service->panels);
        } catch (Refused $refused) {
            throw new Refused('fed_from', $refused->getMessage());
        }
        $old->quotes->guard($job->quotes);
        foreach ($job->service->panels as $panel) {
            if (in_array($panel, $old->service->panels, true)) {
                continue;
            }
            foreach ($panel->positionFaults() as $fault) {
                throw new Refused($fault->field, $fault->message);
            }
        }
    }

    /** Into the bin of the shop. */
    public static function remove(Job $row, User $user): void
    {
        Gate::forUser($user)->authorize('remove', $row);
        $row->delete();
    }

    public static function bringBack(Job $row, User $user): void
    {
        Gate::forUser($user)->authorize('remove', $row);
        $row->restore();
    }

    /** Has the job reviewed as a whole, and writes what the board shows of it. */
    private static function settle(
        Job $row, User $user, JobFile $job, ?JobPatch $patch = null, ?Step $step = null,
    ): EditedJob {
        $review = Review::of($job);
        $stages = Stages::standard();
        $reports = $stages->reports($review);
        $row->fill([
            'reached' => $stages->reached($reports)->key()->value,
            'findings' => count($review->findings),
            'worst' => ($review->findings[0] ?? null)?->severity->value,
            'saved_by' => $user->id,
            'updated_at' => now(),
            ...BoardColumns::of($review->design),
        ])->save();

        return new EditedJob(
            $row, $job, $review, $patch, $step?->isAnew() === true ? Steps::after($step) : null,
        );
    }
}

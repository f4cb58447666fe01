<?php

declare(strict_types=1);

namespace App\JobFile;

use App\Models\Job;
use App\Models\JobChange;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Underpin\Checks\Review;
use Underpin\Checks\StageReport;
use Underpin\JobFile\JobFile;
use Underpin\Refused;
use Underpin\Service\Chain;

/**
 * Every change of a job file goes through here: in one transaction with the job locked, written
 * to its history, checked as a whole by the core, and undone as a whole when the core refuses.
 */
final class JobEditor
{
    public static function open(Job $row): EditedJob
    {
        $job = JobRows::read($row);

        return new EditedJob($row, $job, Review::of($job));
    }

    /**
     * @param  string  $label  what was done, for the history: "Role of 5–7 to must run"
     * @param  callable(Ledger, Job): void  $edit
     *
     * @throws Refused by field, when the job would make no sense; nothing is changed then
     * @throws Conflict when somebody else has changed the same thing
     */
    public static function change(Job $row, User $user, string $label, callable $edit): EditedJob
    {
        return DB::transaction(function () use ($row, $user, $label, $edit): EditedJob {
            $locked = self::locked($row);
            $ledger = new Ledger($locked);
            $edit($ledger, $locked);
            if ($ledger->ops() !== []) {
                $locked->changes()->where('seq', '>', $locked->history_at)->delete();
                $locked->changes()->create([
                    'seq' => $locked->history_at + 1, 'user_id' => $user->id, 'label' => mb_substr($label, 0, 200),
                    'ops' => $ledger->ops(), 'created_at' => now(),
                ]);
                $locked->history_at++;
            }

            return self::settle($locked, $user);
        });
    }

    /** A new job file from a whole one: an import, or an empty one. */
    public static function create(Shop $shop, User $user, JobFile $job): EditedJob
    {
        return DB::transaction(function () use ($shop, $user, $job): EditedJob {
            $row = $shop->jobs()->create([...JobRows::jobColumns($job), 'saved_by' => $user->id]);
            $row->refresh();
            $ledger = new Ledger($row);
            foreach ($job->panels as $i => $panel) {
                $ledger->addPanel($panel, $i);
            }

            return self::settle($row, $user);
        });
    }

    /**
     * One step back.
     *
     * @param  int  $seq  the change that the user saw on top
     *
     * @throws Refused when another change has come on top, or there is none
     */
    public static function undo(Job $row, User $user, int $seq): EditedJob
    {
        return DB::transaction(function () use ($row, $user, $seq): EditedJob {
            $locked = self::locked($row);
            if ($locked->history_at !== $seq) {
                throw new Refused('history', 'The job has been changed since this page was opened. Look at it again before undoing.');
            }
            $change = self::changeAt($locked, $seq);
            foreach (array_reverse($change->ops) as $op) {
                self::put($op['table'], $op['id'], $op['before'], $op['after'] === null);
            }
            $locked->refresh();
            $locked->history_at = $seq - 1;

            return self::settle($locked, $user);
        });
    }

    /**
     * One step forward again.
     *
     * @throws Refused when there is none
     */
    public static function redo(Job $row, User $user, int $seq): EditedJob
    {
        return DB::transaction(function () use ($row, $user, $seq): EditedJob {
            $locked = self::locked($row);
            if ($locked->history_at !== $seq - 1) {
                throw new Refused('history', 'The job has been changed since this page was opened. Look at it again before redoing.');
            }
            foreach (self::changeAt($locked, $seq)->ops as $op) {
                self::put($op['table'], $op['id'], $op['after'], $op['before'] === null);
            }
            $locked->refresh();
            $locked->history_at = $seq;

            return self::settle($locked, $user);
        });
    }

    private static function locked(Job $row): Job
    {
        $locked = Job::query()->whereKey($row->id)->lockForUpdate()->first();

        return $locked instanceof Job ? $locked : throw Conflict::gone($row);
    }

    private static function changeAt(Job $job, int $seq): JobChange
    {
        return $job->changes()->where('seq', $seq)->first() ?? throw new Refused('history', 'There is nothing left to take back here.');
    }

    /**
     * @param  ?array<string, mixed>  $columns  null: the row goes
     * @param  bool  $insert  the row is not there and comes back
     */
    private static function put(string $table, int $id, ?array $columns, bool $insert): void
    {
        $query = DB::table($table)->where('id', $id);
        match (true) {
            $columns === null => $query->delete(),
            $insert => DB::table($table)->insert(['id' => $id, ...$columns]),
            default => $query->update($columns),
        };
    }

    /** Reads the job back, has it checked as a whole, and writes what the board shows of it. */
    private static function settle(Job $row, User $user): EditedJob
    {
        $edited = self::open($row);
        try {
            Chain::guard($edited->job->service, $edited->job->panels);
        } catch (Refused $refused) {
            throw new Refused('fed_from', $refused->getMessage());
        }
        foreach ($edited->job->panels as $panel) {
            foreach ($panel->slotFaults() as $fault) {
                throw new Refused($fault->field, $fault->message);
            }
        }
        $findings = $edited->review->findings;
        $row->fill([
            'reached' => StageReport::reached(StageReport::all($edited->review))->value,
            'findings' => count($findings),
            'worst' => ($findings[0] ?? null)?->severity->value,
            'saved_by' => $user->id,
            'updated_at' => now(),
        ])->save();

        return $edited;
    }
}

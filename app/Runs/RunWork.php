<?php

declare(strict_types=1);

namespace App\Runs;

use App\Files\NotKept;
use App\Models\Run;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;
use Underpin\Refused;

/** What the queue holds of a run: only its number. A worker that is killed in the middle loses nothing: another takes it up. */
final class RunWork implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public function __construct(private readonly int $run)
    {
    }

    public function handle(Tasks $tasks): void
    {
        $run = Runs::claim($this->run);
        if ($run === null) {
            return;
        }
        $task = $tasks->named($run->task);
        try {
            $this->end($run, RunState::Done, $task->run($run, new RunProgress($run)));
        } catch (RunStopped) {
            $this->end($run, RunState::Stopped, Runs::stopped($run));

            return;
        } catch (Refused $refused) {
            $this->end($run, RunState::Failed, $refused->getMessage());

            return;
        } catch (NotKept $fault) {
            report($fault);
            $this->end($run, RunState::Failed, "Nothing was kept: {$fault->getMessage()}. Try again when there is room.");

            return;
        } catch (Throwable $fault) {
            report($fault);
            $this->end($run, RunState::Failed, 'This could not be done. What was saved before is still there.');

            return;
        }
        // What was kept stays done, also when its leftovers cannot be taken away: the sweep finds them.
        rescue(fn () => $task->tidy($run));
    }

    /** Every try was cut short. */
    public function failed(): void
    {
        $run = Run::query()->find($this->run);
        if ($run !== null && ! $run->state->isOver()) {
            $this->end($run, RunState::Failed, 'This was cut short five times. What was saved before is still there.');
        }
    }

    private function end(Run $run, RunState $state, string $said): void
    {
        $run->update(['state' => $state, 'said' => mb_substr($said, 0, 500), 'share' => $state === RunState::Done ? 1.0 : $run->share]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Controllers\Controller;
use App\Models\Job;
use App\Models\Run;
use App\Runs\Runs;
use App\Runs\RunState;
use App\Runs\Tasks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** Long work as people see it: how far it is; stop it; begin it anew. */
final class RunController extends Controller
{
    public function __construct(private readonly Tasks $tasks)
    {
    }

    public function show(Job $job, int $run): JsonResponse
    {
        $run = $this->run($job, $run);
        if ($run->state === RunState::Done) {
            session()->flash('status', $run->said);
        }

        return new JsonResponse([
            'state' => $run->state->value, 'share' => $run->share, 'said' => $run->said, 'over' => $run->state->isOver(),
            'stale' => Runs::isStale($run, $this->tasks->named($run->task)),
            'to' => $run->state === RunState::Done ? $this->tasks->named($run->task)->page($run) : null,
        ]);
    }

    public function stop(Job $job, int $run): RedirectResponse
    {
        $run = $this->run($job, $run);
        Runs::stop($run);

        return redirect()->to($this->tasks->named($run->task)->page($run));
    }

    public function again(Job $job, int $run): RedirectResponse
    {
        $run = $this->run($job, $run);
        Runs::again($run, $this->tasks->named($run->task));

        return redirect()->to($this->tasks->named($run->task)->page($run));
    }

    private function run(Job $job, int $id): Run
    {
        return Run::query()->where('job_id', $job->id)->findOrFail($id);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Underpin\Job\Circuit;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Load;
use Underpin\Job\Panel;
use Underpin\StageKey;
use Underpin\Stages\Stages;

/** Finding the things of a job by their keys; what has gone was removed by somebody else. */
trait EditsJob
{
    private function panel(JobFile $job, Job $row, string $key): Panel
    {
        return $job->service->panel($key) ?? throw Conflict::gone($row);
    }

    private function circuit(JobFile $job, Job $row, string $key): Circuit
    {
        return $job->panelWith($key)?->circuit($key) ?? throw Conflict::gone($row);
    }

    /** The circuit that a load hangs on. */
    private function circuitOf(JobFile $job, Job $row, string $load): Circuit
    {
        foreach ($job->circuits() as $circuit) {
            if ($circuit->load($load) !== null) {
                return $circuit;
            }
        }
        throw Conflict::gone($row);
    }

    private function load(Circuit $circuit, Job $row, string $key): Load
    {
        return $circuit->load($key) ?? throw Conflict::gone($row);
    }

    /** The same job with another circuit in the place of the one of its id. */
    private function withCircuit(JobFile $job, Circuit $circuit): JobFile
    {
        $panel = $job->panelWith($circuit->id);

        return $panel === null ? $job : $job->with($job->service->withPanel($panel->withCircuit($circuit)));
    }

    /** @return list<string> where a circuit stands in a job file */
    private function placeOf(JobFile $job, string $circuit): array
    {
        return ['panels', $job->panelWith($circuit)->id ?? '', 'circuits', $circuit];
    }

    /** A key that no other thing of the job has, nor had. */
    private function newKey(): string
    {
        return Str::lower(Str::random(10));
    }

    /** The page that a change came from: both the survey and the loads show the panel board. */
    private function stageOf(Request $request): StageKey
    {
        $key = StageKey::tryFrom($request->string('stage')->toString());

        return $key !== null && Stages::standard()->find($key) !== null ? $key : StageKey::Loads;
    }
}

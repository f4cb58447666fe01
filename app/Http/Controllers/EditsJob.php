<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\JobFile\Conflict;
use App\Models\Circuit;
use App\Models\Job;
use App\Models\Load;
use App\Models\Panel;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Underpin\Stage;

/** Finding the rows of a job by their keys; a row that has gone was removed by somebody else. */
trait EditsJob
{
    private function panelRow(Job $job, string $key): Panel
    {
        return $job->panels()->where('key', $key)->first() ?? throw Conflict::gone($job);
    }

    private function circuitRow(Job $job, string $key): Circuit
    {
        return $job->circuits()->where('key', $key)->first() ?? throw Conflict::gone($job);
    }

    private function loadRow(Job $job, string $key): Load
    {
        return $job->loads()->where('key', $key)->first() ?? throw Conflict::gone($job);
    }

    /** A key that no other row of the job has, nor had. */
    private function newKey(): string
    {
        return Str::lower(Str::random(10));
    }

    /** The page that a change came from: both the survey and the loads show the panel board. */
    private function stageOf(Request $request): Stage
    {
        return Stage::tryFrom($request->string('stage')->toString()) ?? Stage::Loads;
    }
}

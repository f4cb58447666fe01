<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\JobResponse;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\StageKey;

/** A choice changes the whole of its stage's page, and the strip above it. */
trait SavesChoices
{
    /** The page that the choice is made on. */
    abstract private function stage(): StageKey;

    /** @param  callable(JobFile, Job): JobFile  $edit */
    private function save(Request $request, Job $job, string $label, callable $edit): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), $label, $edit);

        return JobResponse::changed($request, JobScreen::of($edited, $this->stage()), $label);
    }
}

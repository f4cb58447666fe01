<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Controllers\Controller;
use App\Http\GridAnswer;
use App\JobFile\EditedJob;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Undo and redo of a job file. */
final class HistoryController extends Controller
{
    public function undo(Request $request, Job $job): JsonResponse|RedirectResponse
    {
        return $this->shown($request, JobEditor::undo($job, $this->user(), $request->integer('seq')), 'Undone: ');
    }

    public function redo(Request $request, Job $job): JsonResponse|RedirectResponse
    {
        return $this->shown($request, JobEditor::redo($job, $this->user(), $request->integer('seq')), 'Done again: ');
    }

    private function shown(Request $request, EditedJob $edited, string $what): JsonResponse|RedirectResponse
    {
        $said = $what.$request->string('label')->limit(120)->toString();

        return GridAnswer::wanted($request) ? GridAnswer::of($request, $edited, $said) : back()->with('status', $said);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Undo and redo of a job file. */
final class HistoryController extends Controller
{
    public function undo(Request $request, Job $job): RedirectResponse
    {
        JobEditor::undo($job, $this->user(), $request->integer('seq'));

        return back()->with('status', 'Undone: '.$request->string('label')->limit(120)->toString());
    }

    public function redo(Request $request, Job $job): RedirectResponse
    {
        JobEditor::redo($job, $this->user(), $request->integer('seq'));

        return back()->with('status', 'Done again: '.$request->string('label')->limit(120)->toString());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FormInput;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\JobFile\Ledger;
use App\Models\Job;
use App\Recordings\RecordingRows;
use App\Screens\JobScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Underpin\JobFile\JobFileForm;
use Underpin\Loads\Compare\Comparison;
use Underpin\Loads\Measure\RecordingSummary;
use Underpin\Loads\School;
use Underpin\Refused;
use Underpin\Stage;

/** List, measurement and calculation side by side, and which of them sizing uses. */
final class SchoolsController extends Controller
{
    public function show(Job $job): View
    {
        $screen = JobScreen::open($job, Stage::Loads);
        $recording = $job->recordings()->where('id', $job->recordings()->max('id'))->first();

        return view('jobs.schools', [
            'screen' => $screen,
            'comparison' => Comparison::of($screen->job, $recording === null ? null : RecordingSummary::of(RecordingRows::readings($recording)), $recording->name ?? ''),
            'recording' => $recording,
        ]);
    }

    public function update(Request $request, Job $job): RedirectResponse
    {
        $now = FormInput::read($request, JobFileForm::form()->only('figures', 'figures_reason'))->all();
        $school = School::from(is_string($now['figures']) ? $now['figures'] : '');
        if ($school !== School::List && trim(is_string($now['figures_reason']) ? $now['figures_reason'] : '') === '') {
            throw new Refused('figures_reason', 'figures_reason is missing: say why sizing should rest on '.$school->words().'.');
        }
        JobEditor::change($job, $this->user(), 'Sizing uses '.$school->words(), function (Ledger $ledger, Job $row) use ($request, $now): void {
            Conflict::guard($row, $row, FormInput::was($request), $now);
            $ledger->update($row, $now);
        });

        return redirect()->route('jobs.schools', $job->id)->with('status', 'Saved');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Http\Requests\Loads\FiguresRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Recordings\RecordingRows;
use App\Screens\JobScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Underpin\Job\Job as JobFile;
use Underpin\Job\LoadBasis;
use Underpin\Loads\Comparison;
use Underpin\Measure\RecordingSummary;
use Underpin\Refused;
use Underpin\StageKey;

/** List, measurement and calculation side by side, and which of them sizing uses. */
final class SchoolsController extends Controller
{
    public function show(Job $job): View
    {
        $screen = JobScreen::open($job, StageKey::Loads);
        $recording = $job->recordings()->where('id', $job->recordings()->max('id'))->first();

        return view('loads.schools', [
            'screen' => $screen,
            'comparison' => Comparison::of(
                $screen->job, $recording === null ? null : RecordingSummary::of(RecordingRows::readings($recording)),
                $recording->name ?? '',
            ),
            'recording' => $recording,
        ]);
    }

    public function update(FiguresRequest $request, Job $job): RedirectResponse
    {
        $in = $request->values();
        $use = LoadBasis::from($in->text('figures'));
        if ($use !== LoadBasis::List && trim($in->text('figures_reason')) === '') {
            throw new Refused('figures_reason', 'Reason is missing: say why sizing should rest on '.$use->words().'.');
        }
        JobEditor::change($job, $this->user(), 'Sizing uses '
            .$use->words(), function (JobFile $file, Job $row) use ($request, $in, $use): JobFile {
                $was = ['figures' => $file->basis->use->value, 'figures_reason' => $file->basis->reason];
                Conflict::guard($row, ['figures'], $was, $request->was(), $in->all());

                return $file->with($file->basis->with(use: $use, reason: $in->text('figures_reason')));
            });

        return redirect()->route('jobs.schools', $job->id)->with('status', 'Saved');
    }
}

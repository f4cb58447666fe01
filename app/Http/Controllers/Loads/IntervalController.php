<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Http\Requests\Loads\RecordedPeakRequest;
use App\Http\Requests\Loads\UtilityDataRequest;
use App\Http\Requests\TableFields;
use App\Intervals\ReadUtilityData;
use App\JobFile\JobEditor;
use App\JobFile\JobState;
use App\Models\Job;
use App\Runs\Runs;
use App\Runs\RunState;
use App\Screens\IntervalScreen;
use App\Screens\JobScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Dwelling;
use Underpin\Job\Job as JobFile;
use Underpin\Refused;
use Underpin\StageKey;

/** Interval data of the utility's meter: brought in, looked at, and its peak used. */
final class IntervalController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $screen = JobScreen::open($job, StageKey::Loads);

        return view(
            'loads.intervals',
            [
                'screen' => $screen, 'data' => IntervalScreen::of($job, max(0, min(20, $request->integer('back')))),
                'run' => Runs::unfinished($job, new ReadUtilityData),
            ],
        );
    }

    public function store(UtilityDataRequest $request, Job $job): RedirectResponse|JsonResponse
    {
        $in = $request->values();
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refused('file', 'File: choose the utility\'s CSV or XML file, of at most 120 MB.');
        }
        $name = mb_substr(mb_scrub($file->getClientOriginalName(), 'UTF-8'), 0, 120);
        $path = $file->store('uploads', 'local') ?: throw new Refused('file', 'File: it could not be kept here. Try again.');
        $run = Runs::begin(
            $job, $this->user(), new ReadUtilityData, "Utility data from $name",
            ['path' => $path, 'file' => $name, 'zone' => $in->text('zone'), 'decimal' => TableFields::decimalOf($request)->value ?? '',
                'seen' => $request->string('seen')->toString()],
        );
        if ($run->state === RunState::Failed) {
            throw new Refused('file', $run->said);
        }
        if ($request->headers->has('X-Parts')) {
            return new JsonResponse(['to' => route('jobs.intervals', $job->id)]);
        }

        return redirect()->route('jobs.intervals', $job->id)->with('status', $run->said);
    }

    public function destroy(Job $job): RedirectResponse
    {
        JobEditor::attach($job, $this->user(), 'Utility data removed', fn (JobState $state): JobState => $state
            ->withAttachments($state->attachments->withIntervals(null))
            ->withJob($state->job->with($state->job->basis->with(recorded: null))));

        return redirect()->route('jobs.intervals', $job->id)->with('status', 'Removed');
    }

    /** The recorded peak becomes the base of the code's load calculation. NEC 2023 220.87. */
    public function peak(RecordedPeakRequest $request, Job $job): RedirectResponse
    {
        $in = $request->values();
        JobEditor::change($job, $this->user(), 'Load calculation from the recorded peak', function (JobFile $file) use ($in): JobFile {
            $recorded = $file->basis->recorded ?? throw new Refused('pf', 'No utility data has been brought in yet.');
            $old = $file->basis->demand;
            $inputs = new DemandInputs(
                DemandMethod::Measured, $old->volts ?? 240.0, $old->dwelling ?? new Dwelling, $recorded->peakVa($in->number('pf')),
                $in->number('new_load_va'),
            );

            return $file->with($file->basis->with(demand: $inputs));
        });

        return redirect()->route('jobs.demand', $job->id)->with('status', 'The calculation rests on the recorded peak');
    }
}

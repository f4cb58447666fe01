<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FormInput;
use App\Intervals\IntervalFile;
use App\Intervals\UtilityData;
use App\JobFile\JobEditor;
use App\JobFile\JobState;
use App\Models\Job;
use App\Screens\IntervalScreen;
use App\Screens\JobScreen;
use Closure;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Throwable;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Dwelling;
use Underpin\Job\Job as JobFile;
use Underpin\Measure\Interval\LoadYear;
use Underpin\Measure\Interval\Zone;
use Underpin\Refused;
use Underpin\StageKey;

/** Interval data of the utility's meter: brought in, looked at, and its peak used. */
final class IntervalController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $screen = JobScreen::open($job, StageKey::Loads);

        return view('jobs.intervals', ['screen' => $screen, 'data' => IntervalScreen::of($job, max(0, min(20, $request->integer('back'))))]);
    }

    public function store(Request $request, Job $job): RedirectResponse|StreamedResponse
    {
        $in = FormInput::read($request, new Form(Field::choice('zone', 'time zone of the meter', array_column(Zone::cases(), 'value'))->label('Time zone of the meter')));
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refused('file', 'File: choose the utility\'s CSV or XML file, of at most 120 MB.');
        }
        $zone = Zone::from($in->text('zone'));
        if ($request->headers->has('X-Progress')) {
            return $this->streamed($job, $file, $zone);
        }
        $this->keep($job, $file, $zone, null);

        return redirect()->route('jobs.intervals', $job->id)->with('status', 'Brought in');
    }

    public function destroy(Job $job): RedirectResponse
    {
        JobEditor::attach($job, $this->user(), 'Utility data removed', fn (JobState $state): JobState => $state
            ->withAttachments($state->attachments->withIntervals(null))
            ->withJob($state->job->with($state->job->basis->with(recorded: null))));

        return redirect()->route('jobs.intervals', $job->id)->with('status', 'Removed');
    }

    /** The recorded peak becomes the base of the code's load calculation. NEC 2023 220.87. */
    public function peak(Request $request, Job $job): RedirectResponse
    {
        $in = FormInput::read($request, new Form(
            Field::number('pf', 'power factor of the house')->label('Power factor')->over(0)->atMost(1),
            Field::number('new_load_va', 'load to be added')->label('Load to be added')->in(Unit::VoltAmperes),
        ));
        JobEditor::change($job, $this->user(), 'Load calculation from the recorded peak', function (JobFile $file) use ($in): JobFile {
            $recorded = $file->basis->recorded ?? throw new Refused('pf', 'No utility data has been brought in yet.');
            $old = $file->basis->demand;
            $inputs = new DemandInputs(DemandMethod::Measured, $old->volts ?? 240.0, $old->dwelling ?? new Dwelling, $recorded->peakVa($in->number('pf')), $in->number('new_load_va'));

            return $file->with($file->basis->with(demand: $inputs));
        });

        return redirect()->route('jobs.demand', $job->id)->with('status', 'The calculation rests on the recorded peak');
    }

    /** @param  ?Closure(int, ?float): void  $progress */
    private function keep(Job $job, UploadedFile $file, Zone $zone, ?Closure $progress): LoadYear
    {
        $year = IntervalFile::read($file->getRealPath() ?: $file->getPathname(), $zone, $progress);
        $name = mb_substr(mb_scrub($file->getClientOriginalName(), 'UTF-8'), 0, 120);
        UtilityData::attach($job, $this->user(), $name, $year);

        return $year;
    }

    /** One line of JSON for each step, the last with the way on or with what is wrong. */
    private function streamed(Job $job, UploadedFile $file, Zone $zone): StreamedResponse
    {
        $tell = function (mixed $line): void {
            echo json_encode($line, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE)."\n";
            if (ob_get_level() > 0) {
                ob_flush();
            }
            flush();
        };

        return response()->stream(function () use ($job, $file, $zone, $tell): void {
            try {
                $year = $this->keep($job, $file, $zone, fn (int $count, ?float $share) => $tell(['readings' => $count, 'share' => $share]));
                session()->flash('status', number_format($year->count).' readings brought in');
                session()->save();
                $tell(['readings' => $year->count, 'share' => 1, 'to' => route('jobs.intervals', $job->id)]);
            } catch (Refused $refused) {
                $tell(['error' => $refused->getMessage()]);
            } catch (Throwable $fault) {
                report($fault);
                $tell(['error' => 'This could not be brought in. What was saved before is still there.']);
            }
        }, 200, ['Content-Type' => 'application/x-ndjson', 'X-Accel-Buffering' => 'no', 'Cache-Control' => 'no-store']);
    }
}

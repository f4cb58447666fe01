<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FormInput;
use App\Intervals\IntervalFile;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\JobFile\Ledger;
use App\Models\IntervalRecord;
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
use Underpin\JobFile\Section\RecordedSection;
use Underpin\Loads\Demand\DemandInputs;
use Underpin\Loads\Demand\DemandMethod;
use Underpin\Loads\Demand\Dwelling;
use Underpin\Loads\Interval\LoadYear;
use Underpin\Loads\Interval\Zone;
use Underpin\Refused;
use Underpin\Stage;

/** Interval data of the utility's meter: brought in, looked at, and its peak used. */
final class IntervalController extends Controller
{
    public function show(Request $request, Job $job): View
    {
        $screen = JobScreen::open($job, Stage::Loads);

        return view('jobs.intervals', ['screen' => $screen, 'data' => IntervalScreen::of($job, max(0, min(20, $request->integer('back'))))]);
    }

    public function store(Request $request, Job $job): RedirectResponse|StreamedResponse
    {
        $in = FormInput::read($request, new Form(Field::choice('zone', 'time zone of the meter', array_column(Zone::cases(), 'value'))));
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refused('file', 'file: choose the utility\'s CSV or XML file, of at most 120 MB.');
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
        JobEditor::change($job, $this->user(), 'Utility data removed', function (Ledger $ledger, Job $row): void {
            foreach ($row->intervalRecords()->get() as $record) {
                $ledger->delete($record);
            }
            $ledger->update($row, ['recorded' => null]);
        });

        return redirect()->route('jobs.intervals', $job->id)->with('status', 'Removed');
    }

    /** The recorded peak becomes the base of the code's load calculation. NEC 2023 220.87. */
    public function peak(Request $request, Job $job): RedirectResponse
    {
        $in = FormInput::read($request, new Form(
            Field::number('pf', 'power factor of the house')->over(0)->atMost(1),
            Field::number('new_load_va', 'load to be added, volt-amperes'),
        ));
        JobEditor::change($job, $this->user(), 'Load calculation from the recorded peak', function (Ledger $ledger, Job $row) use ($in): void {
            $read = JobRows::read($row);
            $recorded = $read->recorded ?? throw new Refused('pf', 'No utility data has been brought in yet.');
            $old = $read->demand;
            $inputs = new DemandInputs(DemandMethod::Measured, $old->volts ?? 240.0, $old->dwelling ?? new Dwelling, $recorded->peakVa($in->number('pf')), $in->number('new_load_va'));
            $ledger->update($row, ['demand' => $inputs->toArray()]);
        });

        return redirect()->route('jobs.demand', $job->id)->with('status', 'The calculation rests on the recorded peak');
    }

    /** @param  ?Closure(int, ?float): void  $progress */
    private function keep(Job $job, UploadedFile $file, Zone $zone, ?Closure $progress): LoadYear
    {
        $year = IntervalFile::read($file->getRealPath() ?: $file->getPathname(), $zone, $progress);
        $name = mb_substr(mb_scrub($file->getClientOriginalName(), 'UTF-8'), 0, 120);
        JobEditor::change($job, $this->user(), "Utility data from $name", function (Ledger $ledger, Job $row) use ($year, $name): void {
            foreach ($row->intervalRecords()->get() as $record) {
                $ledger->delete($record);
            }
            $ledger->create(new IntervalRecord(['job_id' => $row->id, 'file' => $name, 'summary' => $year->toArray(), 'added_at' => now()]));
            $ledger->update($row, ['recorded' => RecordedSection::write($year->recorded($name))]);
        });

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

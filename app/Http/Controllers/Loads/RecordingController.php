<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Devices\ClampMeters;
use App\Devices\StandIn\StandInClampMeter;
use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\JobResponse;
use App\Http\Requests\Loads\RecordingRequest;
use App\Http\Requests\TableFields;
use App\JobFile\AttachmentRows;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\JobFile\JobState;
use App\Models\Job;
use App\Models\Recording;
use App\Recordings\NewRecording;
use App\Recordings\ReadReadings;
use App\Recordings\RecordingRows;
use App\Runs\Runs;
use App\Runs\RunState;
use App\Screens\JobScreen;
use App\Screens\RecordingScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Measured;
use Underpin\Measure\Mark;
use Underpin\Measure\Reading;
use Underpin\Measure\ReadingsTable;
use Underpin\Refused;
use Underpin\Say;
use Underpin\StageKey;

/** Recording sessions with two clamps on the mains. */
final class RecordingController extends Controller
{
    use EditsJob;

    public const MOST_AT_ONCE = 2000;

    public function index(Job $job): View
    {
        $screen = JobScreen::open($job, StageKey::Loads);

        return view('loads.recordings', [
            'screen' => $screen,
            'recordings' => $job->recordings()->orderByDesc('began_ms')->get(),
            'removed' => Recording::onlyTrashed()->where('job_id', $job->id)->orderByDesc('began_ms')->limit(5)->get(),
            'run' => Runs::unfinished($job, new ReadReadings),
        ]);
    }

    public function store(RecordingRequest $request, Job $job): RedirectResponse
    {
        $in = $request->values();

        $new = NewRecording::of($job, $this->user(), $in->text('name'), $in->whole('inlet_a'), $in->number('buffer_a'), false);

        return redirect()->route('jobs.recordings.show', [$job->id, $new->key]);
    }

    public function show(Job $job, string $recording, ClampMeters $meters): View
    {
        $row = $this->recording($job, $recording);
        $screen = JobScreen::open($job, StageKey::Loads);
        $meter = $row->ended ? null : $meters->at($job);
        $house = $meter instanceof StandInClampMeter ? $meter : null;
        $house?->buildOn($screen->job);

        return view('loads.recording', [
            'screen' => $screen, 'recording' => $row, 'data' => RecordingScreen::of($row, $screen->job),
            'meter' => $house,
        ]);
    }

    public function update(RecordingRequest $request, Job $job, string $recording): RedirectResponse
    {
        $in = $request->values();
        $this->change(
            $job, $this->recording($job, $recording),
            ['name' => $in->text('name'), 'inlet_a' => $in->whole('inlet_a'), 'buffer_a' => $in->number('buffer_a')],
            $in->text('name').': changed', $request->was(),
        );

        return redirect()->route('jobs.recordings.show', [$job->id, $recording])->with('status', 'Saved');
    }

    public function stop(Job $job, string $recording): RedirectResponse
    {
        $row = $this->recording($job, $recording);
        $this->change($job, $row, ['ended' => true], "$row->name: stopped");

        return redirect()->route('jobs.recordings.show', [$job->id, $recording]);
    }

    public function destroy(Job $job, string $recording): RedirectResponse
    {
        $row = $this->recording($job, $recording);
        JobEditor::attach(
            $job, $this->user(), "$row->name: removed",
            fn (JobState $state): JobState => $state->withAttachments($state->attachments->withoutRecording($recording)),
        );

        return redirect()->route('jobs.recordings', $job->id)->with('status', 'Recording removed. It can be brought back below.');
    }

    public function restore(Job $job, string $recording): RedirectResponse
    {
        $row = Recording::onlyTrashed()->where('job_id', $job->id)->where('key', $recording)->first() ?? throw Conflict::gone($job);
        $this->change($job, $row, [], "$row->name: brought back");

        return redirect()->route('jobs.recordings', $job->id)->with('status', 'Brought back');
    }

    /** A batch from the recorder. It keeps its readings until they are acknowledged here. */
    public function readings(Request $request, Job $job, string $recording): JsonResponse
    {
        $row = $this->recording($job, $recording);
        $batch = self::body($request)['readings'] ?? null;
        if (! is_array($batch) || ! array_is_list($batch) || $batch === [] || count($batch) > self::MOST_AT_ONCE) {
            throw new Refused('readings', sprintf('readings must be a list of 1 to %s.', number_format(self::MOST_AT_ONCE)));
        }
        $readings = [];
        foreach ($batch as $i => $each) {
            $readings[] = self::reading($i, $each);
        }
        RecordingRows::keep($row, $readings);

        return new JsonResponse(['kept' => count($readings), 'kept_to' => $readings[count($readings) - 1]->atMs]);
    }

    public function mark(Request $request, Job $job, string $recording): JsonResponse
    {
        $row = $this->recording($job, $recording);
        [
            'at_ms' => $at, 'said' => $said, 'circuit' => $circuit,
        ] = self::body($request) + ['at_ms' => null, 'said' => null, 'circuit' => null];
        if (! is_int($at) || $at < 0 || $at > ReadingsTable::LONGEST_MS) {
            throw new Refused('at_ms', 'at_ms must be a whole number of milliseconds within a day of the beginning.');
        }
        if (! is_string($said) || mb_strlen($said) > 100) {
            throw new Refused('said', 'said must be text of at most 100 characters.');
        }
        if ($circuit !== null && (! is_string($circuit) || ! $job->circuits()->where('key', $circuit)->exists())) {
            throw new Refused('circuit', 'circuit: there is no such circuit.');
        }
        RecordingRows::mark($row, new Mark($at, mb_scrub($said), $circuit));

        return new JsonResponse(['kept' => $at]);
    }

    public function offers(Job $job, string $recording): Response
    {
        $row = $this->recording($job, $recording);
        $screen = JobScreen::open($job, StageKey::Loads);

        return response(view('loads.offers', ['screen' => $screen, 'data' => RecordingScreen::live($row, $screen->job)])->render());
    }

    /** Every step that agrees with the list, at once. */
    public function take(Request $request, Job $job, string $recording): Response|RedirectResponse
    {
        $row = $this->recording($job, $recording);
        $agreeing = RecordingScreen::of($row, JobEditor::open($job)->job)->agreeing();
        $today = now()->format('Y-m-d');
        $edit = function (JobFile $file) use ($agreeing, $today): JobFile {
            foreach ($agreeing as $id => $offer) {
                $circuit = $file->panelWith($id)?->circuit($id);
                $file = $circuit === null ? $file : $this->withCircuit($file, $circuit->with(measured: $offer->step->measured($today)));
            }

            return $file;
        };
        $said = 'Measured: '.Say::count(count($agreeing), 'breaker').' as the list says';
        $edited = JobEditor::change($job, $this->user(), $said, $edit);

        return JobResponse::wanted($request)
            ? JobResponse::changed($request, JobScreen::of($edited, StageKey::Loads), $said)
            : redirect()->route('jobs.recordings.show', [$job->id, $recording])->with('status', $said);
    }

    public function export(Job $job, string $recording): StreamedResponse
    {
        $row = $this->recording($job, $recording);

        return response()->streamDownload(function () use ($row): void {
            foreach (ReadingsTable::lines(RecordingRows::readings($row), RecordingRows::marks($row)) as $line) {
                echo $line;
            }
        }, 'readings.csv', ['Content-Type' => 'text/csv; charset=UTF-8']);
    }

    public function import(Request $request, Job $job): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refused('file', 'Readings from a file: choose a CSV file, of at most 120 MB.');
        }
        $name = mb_substr(mb_scrub(pathinfo($file->getClientOriginalName(), PATHINFO_FILENAME), 'UTF-8'), 0, 100);
        $path = $file->store('uploads', 'local') ?: throw new Refused('file', 'File: it could not be kept here. Try again.');
        $task = new ReadReadings;
        $run = Runs::begin($job, $this->user(), $task, "Readings from $name", [
            'path' => $path, 'name' => $name === '' ? 'Readings' : $name, 'decimal' => TableFields::decimalOf($request)->value ?? '',
        ]);
        if ($run->state === RunState::Failed) {
            throw new Refused('file', $run->said);
        }

        return redirect()->to($task->page($run))->with('status', $run->state === RunState::Done ? $run->said : 'The file is being read.');
    }

    /**
     * From what stands there now, not from what the page was made of.
     *
     * @param  array<string, mixed>  $columns
     * @param  array<string, mixed>  $was  what the page showed of them
     */
    private function change(Job $job, Recording $row, array $columns, string $label, array $was = []): void
    {
        $edit = function (JobState $state, Job $locked) use ($row, $columns, $was): JobState {
            $there = array_column($state->attachments->recordings, null, 'id')[$row->key] ?? AttachmentRows::recording($row);
            Conflict::guard($locked, ['recordings', $row->key], $there, $was, $columns);

            return $state->withAttachments($state->attachments->withRecording([...$there, ...$columns]));
        };
        JobEditor::attach($job, $this->user(), $label, $edit);
    }

    private function recording(Job $job, string $key): Recording
    {
        return $job->recordings()->where('key', $key)->first() ?? throw Conflict::gone($job);
    }

    /** @return array<mixed> the JSON that was sent: forms are flat here, so lists come in a body of their own */
    private static function body(Request $request): array
    {
        $body = json_decode($request->getContent(), true, 8);

        return is_array($body) ? $body : [];
    }

    private static function reading(int $i, mixed $each): Reading
    {
        [$at, $a, $b] = is_array($each) ? [$each[0] ?? null, $each[1] ?? null, $each[2] ?? null] : [null, null, null];
        if (! is_int($at) || $at < 0 || $at > ReadingsTable::LONGEST_MS) {
            throw new Refused("readings.$i", "readings.$i: its time must be milliseconds within a day of the beginning.");
        }

        return new Reading($at, self::amperes($i, $a), self::amperes($i, $b));
    }

    private static function amperes(int $i, mixed $amps): float
    {
        return (is_int($amps) || is_float($amps)) && $amps >= 0 && $amps <= Measured::MOST_A
            ? (float) $amps
            : throw new Refused("readings.$i", sprintf('readings.%d: amperes must be from 0 to %s.', $i, number_format(Measured::MOST_A)));
    }
}

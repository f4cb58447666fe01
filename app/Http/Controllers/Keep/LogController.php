<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Keep\EntryRequest;
use App\Http\Requests\Place\RemoveRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Underpin\Csv\CsvDialect;
use Underpin\Form\Values;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Log\Log;
use Underpin\Job\Log\LogEntry;
use Underpin\Job\Part\LogPart;
use Underpin\Keep\LogSheet;
use Underpin\Refused;
use Underpin\Say;
use Underpin\StageKey;

/** The lines of a machine's log: added, taken out, as a sheet out and in. */
final class LogController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(EntryRequest $request, Job $job): Response|RedirectResponse
    {
        $entry = LogPart::entryOf(new Values([...$request->values()->all(), 'id' => $this->newKey(), 'by' => $this->user()->name]));
        if ($entry->on > now()->toDateString()) {
            throw new Refused('on', "Day must not lie after today; \"$entry->on\" was given.");
        }

        return $this->save($request, $job, "Log: {$entry->kind->words()}", fn (JobFile $file): JobFile => $file->with(
            new Log([...$file->log->entries, $entry], $file->log->services),
        ));
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'A line of the log taken out', function (JobFile $file, Job $row) use ($id): JobFile {
            $left = array_values(array_filter($file->log->entries, fn (LogEntry $e): bool => $e->id !== $id));

            return count($left) === count($file->log->entries) ? throw Conflict::gone($row) : $file->with(new Log($left,
                $file->log->services));
        });
    }

    public function export(Job $job): Response
    {
        return response((new CsvDialect)->write(LogSheet::rows(JobEditor::open($job)->job->log)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'-log.csv"',
        ]);
    }

    public function import(Request $request, Job $job): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refused('file', 'Sheet: choose a CSV file.');
        }
        $bytes = (string) $file->getContent();
        $added = 0;
        $faults = [];
        JobEditor::change($job, $this->user(), 'Log brought in', function (JobFile $file) use ($bytes, &$added, &$faults): JobFile {
            [$log, $added, $faults] = LogSheet::read($bytes, $file->log, $this->newKey(...), now()->toDateString());

            return $file->with($log);
        });
        $said = Say::count($added, 'line').' added.'.($faults === [] ? '' : ' Not taken: '.Say::count(count($faults), 'row').'.');

        return redirect()->route('jobs.stage', [$job->id, StageKey::Keep->value])->with('status', $said)->with('not-taken',
            array_slice($faults, 0, 50));
    }

    private function stage(): StageKey
    {
        return StageKey::Keep;
    }
}

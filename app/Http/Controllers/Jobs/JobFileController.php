<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Underpin\Exchange\JobFile;
use Underpin\Exchange\JobFileFaults;
use Underpin\Refused;

/** A whole job as one JSON file, out and in. */
final class JobFileController extends Controller
{
    private const MOST_FAULTS = 50;

    public function export(Job $job): Response
    {
        return response(JobFile::standard()->encode(JobRows::read($job)), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'.underpin.json"',
        ]);
    }

    public function import(Request $request): RedirectResponse
    {
        $file = $request->file('file');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw new Refused('file', 'Job file: choose a .json file that this app wrote.');
        }
        if ($file->getSize() > JobFile::MOST_BYTES) {
            throw new Refused(
                'file',
                sprintf(
                    'The file has %s bytes; a job file may have at most %s.', number_format((int) $file->getSize()),
                    number_format(JobFile::MOST_BYTES),
                ),
            );
        }
        try {
            $job = JobFile::standard()->decode((string) $file->get());
        } catch (JobFileFaults $faults) {
            throw ValidationException::withMessages(['file' => array_map(
                fn (Refused $fault): string => ($fault->field === '' ? '' : "$fault->field: ").$fault->getMessage(),
                array_slice($faults->faults, 0, self::MOST_FAULTS),
            )]);
        }
        $edited = JobEditor::create($this->user()->shop, $this->user(), $job);

        return redirect()->route('jobs.show', $edited->row->id)->with('status', "$job->name is in.");
    }
}

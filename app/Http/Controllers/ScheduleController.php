<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\JobFile\Ledger;
use App\Models\Job;
use App\Models\Panel as PanelRow;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Underpin\Csv\CsvText;
use Underpin\JobFile\JobFile;
use Underpin\Refused;
use Underpin\Service\Circuit;
use Underpin\Service\Panel;
use Underpin\Service\Schedule\CarriedOver;
use Underpin\Service\Schedule\ScheduleReader;
use Underpin\Service\Schedule\ScheduleWriter;
use Underpin\Stage;

/** A panel schedule in from CSV, first to look at, then to take; and out again. */
final class ScheduleController extends Controller
{
    public function create(Job $job): View
    {
        return view('jobs.schedule', ['job' => $job, 'reading' => null, 'text' => '']);
    }

    public function read(Request $request, Job $job): View
    {
        $bytes = $this->bytes($request);

        return view('jobs.schedule', [
            'job' => $job,
            'reading' => ScheduleReader::read($bytes, JobRows::read($job)->panels),
            'text' => base64_encode($bytes),
        ]);
    }

    /** Takes the good rows: each panel named in the file gets exactly the circuits of the file. */
    public function take(Request $request, Job $job): RedirectResponse
    {
        $bytes = (string) base64_decode($request->string('text')->toString(), true);
        $edited = JobEditor::change($job, $this->user(), 'Panel schedule brought in', function (Ledger $ledger, Job $row) use ($bytes): void {
            $job = JobRows::read($row);
            $reading = ScheduleReader::read($bytes, $job->panels);
            if ($reading->panels === []) {
                throw new Refused('file', 'There is no good row to take.');
            }
            foreach ($reading->panels as $panel) {
                $this->takePanel($ledger, $row, self::withIds($panel, $job));
            }
        });
        $count = count($edited->job->circuits());

        return redirect()->route('jobs.stage', [$job->id, Stage::Loads->value])->with('status', "The schedule is in: $count circuits. Select a breaker and press 1, 2 or 3.");
    }

    public function export(Job $job): Response
    {
        return response(ScheduleWriter::write(JobRows::read($job)->panels), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'-schedule.csv"',
        ]);
    }

    private function bytes(Request $request): string
    {
        $file = $request->file('file');
        if ($file instanceof UploadedFile) {
            if (! $file->isValid()) {
                throw new Refused('file', 'The file did not arrive whole: '.$file->getErrorMessage());
            }
            if ($file->getSize() > CsvText::MOST_BYTES) {
                throw new Refused('file', sprintf('The file has %s bytes; a schedule may have at most %s.', number_format((int) $file->getSize()), number_format(CsvText::MOST_BYTES)));
            }

            return (string) $file->get();
        }
        $pasted = $request->string('pasted')->toString();

        return trim($pasted) !== '' ? $pasted : throw new Refused('file', 'Choose a file, or paste the rows.');
    }

    private function takePanel(Ledger $ledger, Job $job, Panel $panel): void
    {
        $found = $job->panels()->where('name', $panel->name)->first();
        if (! $found instanceof PanelRow) {
            $empty = $job->panels()->count() === 1 && $job->circuits()->count() === 0 ? $job->panels()->first() : null;
            if (! $empty instanceof PanelRow) {
                $ledger->addPanel($panel, 1 + (int) $job->panels()->max('position'));

                return;
            }
            $found = $empty; // the blank panel of a new job takes the first name of the file
        }
        $ledger->emptyPanel($found);
        $ledger->update($found, ['name' => $panel->name, 'spaces' => $panel->spaces]);
        foreach ($panel->circuits as $circuit) {
            $ledger->addCircuit($found, $circuit);
        }
    }

    private static function withIds(Panel $panel, JobFile $job): Panel
    {
        $new = fn (): string => Str::lower(Str::random(10));
        $before = array_values(array_filter($job->panels, fn (Panel $p): bool => $p->name === $panel->name))[0] ?? null;

        return new Panel(
            $new(), $panel->name, $panel->spaces, $panel->kind, $panel->mainA, $panel->interlockListed, $panel->interlockSpace, $panel->hasMultiwire,
            array_map(fn (Circuit $c): Circuit => CarriedOver::circuit($c, $before, $new), $panel->circuits),
        );
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Requests\TableFields;
use App\Http\SheetForm;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Shop\SheetWords;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Underpin\Csv\CsvDialect;
use Underpin\Csv\CsvTable;
use Underpin\Csv\CsvText;
use Underpin\Csv\DecimalMark;
use Underpin\Csv\Delimiter;
use Underpin\Design\Design;
use Underpin\Drawing\Board\PanelBoard;
use Underpin\Drawing\Drawing;
use Underpin\Exchange\Schedule\Others;
use Underpin\Exchange\Schedule\RowFault;
use Underpin\Exchange\Schedule\ScheduleChanges;
use Underpin\Exchange\Schedule\ScheduleReader;
use Underpin\Exchange\Schedule\ScheduleReading;
use Underpin\Exchange\Schedule\ScheduleWriter;
use Underpin\Exchange\Schedule\TakenSchedule;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Panel;
use Underpin\Name;
use Underpin\Refused;
use Underpin\StageKey;

/** A panel schedule in from CSV, first to look at, then to take; and out again. */
final class ScheduleController extends Controller
{
    use EditsJob;

    /** rows that can be mended on the page at once */
    private const MOST_MENDED = 60;

    /** of a table that can be a schedule: the number of a space, and what is there */
    private const FEWEST_COLUMNS = 2;

    public function create(Job $job): View
    {
        return view('survey.schedule', ['job' => $job, 'sheet' => null, 'reading' => null]);
    }

    public function read(Request $request, Job $job): View
    {
        $bytes = $this->mended($this->bytes($request), $request);
        $sheet = SheetForm::of($request, $bytes, SheetWords::of($job->shop_id));
        $file = JobRows::read($job);
        $others = $this->others($request);
        $shared = ['job' => $job, 'sheet' => $sheet, 'text' => base64_encode($bytes), 'others' => $others];
        try {
            $reading = ScheduleReader::read($bytes, $file->service->panels, $sheet->choices);
        } catch (Refused $refused) {
            if (count($sheet->columns) < self::FEWEST_COLUMNS) {
                throw $refused;
            }

            // It is a table: a person may say which column is which.
            return view('survey.schedule', [...$shared, 'reading' => null, 'refused' => $refused->getMessage()]);
        }
        $after = TakenSchedule::of($file->service->panels, $reading, $others, $this->newKey(...));

        return view('survey.schedule', [
            ...$shared,
            'reading' => $reading,
            'faulty' => $this->faulty($bytes, $reading),
            'changes' => ScheduleChanges::between($file->service->panels, $after),
            'boards' => $this->boards($file->with($file->service->with(panels: $after)), $reading),
        ]);
    }

    /** Takes the good rows; what becomes of the circuits that the sheet does not have was said on the page. */
    public function take(Request $request, Job $job): RedirectResponse
    {
        $bytes = (string) base64_decode($request->string('text')->toString(), true);
        $others = $this->others($request);
        $sheet = SheetForm::of($request, $bytes, SheetWords::of($job->shop_id));
        $take = function (JobFile $file) use ($bytes, $others, $sheet): JobFile {
            $reading = ScheduleReader::read($bytes, $file->service->panels, $sheet->choices);
            if ($reading->panels === []) {
                throw new Refused('file', 'There is no good row to take.');
            }

            return $file->with(
                $file->service->with(panels: TakenSchedule::of($file->service->panels, $reading, $others, $this->newKey(...)))
            );
        };
        $edited = JobEditor::change($job, $this->user(), 'Panel schedule brought in', $take);
        SheetWords::remember($job->shop_id, $sheet->words());
        $count = count($edited->job->circuits());

        return redirect()->route('jobs.stage', [$job->id, StageKey::Loads->value])->with(
            'status', "The schedule is in: $count circuits. Select a breaker and press 1, 2 or 3.",
        );
    }

    public function export(Request $request, Job $job): Response
    {
        $dialect = new CsvDialect(
            $this->delimiter($request),
            TableFields::decimalOf($request) ?? DecimalMark::Point,
            $request->string('mark')->toString() === '1',
        );

        return response(ScheduleWriter::write(JobRows::read($job)->service->panels, $dialect), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'-schedule.csv"',
        ]);
    }

    /** @return list<Drawing> the panels that the sheet speaks of, as they would be */
    private function boards(JobFile $after, ScheduleReading $reading): array
    {
        $named = array_map(fn (Panel $panel): string => Name::key($panel->name), $reading->panels);
        $design = new Design($after);

        return array_map(
            fn (Panel $panel): Drawing => (new PanelBoard($panel, $design))->drawing(),
            array_values(array_filter(
                $after->service->panels, fn (Panel $panel): bool => in_array(Name::key($panel->name), $named, true),
            )),
        );
    }

    /** The same sheet with the cells that were typed over on its page. */
    private function mended(string $bytes, Request $request): string
    {
        $typed = [];
        foreach ($request->post() as $name => $cell) {
            if (preg_match('/^cell-(\d{1,5})-(\d{1,2})$/D', (string) $name, $found) === 1 && (is_string($cell) || $cell === null)) {
                $typed[(int) $found[1]][(int) $found[2]] = mb_substr(mb_scrub($cell ?? ''), 0, CsvText::MOST_CELL);
            }
        }
        if ($typed === []) {
            return $bytes;
        }
        $table = CsvText::table($bytes);
        $rows = $table->rows;
        foreach ($rows as $i => [$line, $cells]) {
            $mended = array_replace($cells, $typed[$line] ?? []);
            $rows[$i][1] = array_values(array_replace(array_fill(0, max([0, ...array_keys($mended)]) + 1, ''), $mended));
        }

        return CsvText::write(new CsvTable($rows, $table->delimiter));
    }

    /** @return array<int, list<string>> the cells of the rows with faults, by line; only the first of very many */
    private function faulty(string $bytes, ScheduleReading $reading): array
    {
        $lines = array_slice(array_unique(array_map(fn (RowFault $fault): int => $fault->row, $reading->faults)), 0, self::MOST_MENDED);

        return array_intersect_key(array_column(CsvText::rows($bytes), 1, 0), array_flip($lines));
    }

    private function delimiter(Request $request): Delimiter
    {
        $said = $request->string('delimiter')->toString();

        return $said === ''
            ? Delimiter::Comma
            : Delimiter::tryFrom($said) ?? throw new Refused('delimiter', 'Between the cells must be comma, semicolon or tab.');
    }

    private function others(Request $request): Others
    {
        $said = $request->string('others')->toString();

        return $said === ''
            ? Others::Stay
            : Others::tryFrom($said) ?? throw new Refused('others', 'What the sheet does not have must stay or go.');
    }

    private function bytes(Request $request): string
    {
        if ($request->filled('text')) {
            return (string) base64_decode($request->string('text')->toString(), true);
        }
        $file = $request->file('file');
        if ($file instanceof UploadedFile) {
            if (! $file->isValid()) {
                throw new Refused('file', 'The file did not arrive whole: '.$file->getErrorMessage());
            }
            if ($file->getSize() > CsvText::MOST_BYTES) {
                throw new Refused(
                    'file',
                    sprintf(
                        'The file has %s bytes; a schedule may have at most %s.', number_format((int) $file->getSize()),
                        number_format(CsvText::MOST_BYTES),
                    ),
                );
            }

            return (string) $file->get();
        }
        $pasted = $request->string('pasted')->toString();

        return trim($pasted) !== '' ? $pasted : throw new Refused('file', 'Choose a file, or paste the rows.');
    }
}

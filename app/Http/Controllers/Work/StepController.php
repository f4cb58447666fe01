<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Http\Controllers\Controller;
use App\Http\JobResponse;
use App\Http\Requests\Work\StepKeyRequest;
use App\Http\Requests\Work\StepRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Underpin\Checklist\Checklist;
use Underpin\Checklist\ChecklistStep;
use Underpin\Design\Design;
use Underpin\Install\InstallList;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\WorkPart;
use Underpin\Job\Work\StepRecord;
use Underpin\Prove\MeasuredCircuit;
use Underpin\Prove\ProveList;
use Underpin\StageKey;

/** Steps of installing and proving: done, and not done after all. */
final class StepController extends Controller
{
    public function store(StepRequest $request, Job $job): Response|RedirectResponse
    {
        $record = WorkPart::stepOf($request->values());

        return $this->save($request, $job, $record->id, 'Done', function (JobFile $file, Job $row, Checklist $list,
            ChecklistStep $step) use (
            $request, $record
        ): JobFile {
            $there = $file->work->step($record->id);
            Conflict::guard(
                $row, ['work', 'steps', $record->id], $there === null ? [] : $this->noted($there), $request->was(), $this->noted($record),
            );
            $list->guard($step);
            $step->guard($record);

            return MeasuredCircuit::noted($file->with($file->work->noting($record)), $step, $record);
        });
    }

    public function destroy(StepKeyRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, $id, 'Not done', fn (JobFile $file, Job $row): JobFile => $file->work->step($id) === null
            ? throw Conflict::gone($row) : $file->with($file->work->without($id)));
    }

    /** @param  callable(JobFile, Job, Checklist, ChecklistStep): JobFile  $edit */
    private function save(Request $request, Job $job, string $id, string $what, callable $edit): Response|RedirectResponse
    {
        $stage = StageKey::Install;
        $said = $what;
        $edited = JobEditor::change($job, $this->user(), function () use (&$said): string {
            return $said;
        }, function (JobFile $file, Job $row) use ($id, $edit, $what, &$stage, &$said): JobFile {
            $design = new Design($file);
            foreach ([InstallList::of($design), ProveList::of($design)] as $steps) {
                $list = new Checklist($steps, $file->work);
                $step = $list->step($id);
                if ($step !== null) {
                    $stage = $step->stage;
                    $said = "$what: ".Str::limit($step->text, 120);

                    return $edit($file, $row, $list, $step);
                }
            }
            // The design has changed since the page was opened: this job does not have that step any more.
            throw Conflict::gone($row);
        });

        return JobResponse::changed($request, JobScreen::of($edited, $stage), $said);
    }

    /** @return array<string, mixed> what two people could say differently */
    private function noted(StepRecord $record): array
    {
        return array_intersect_key(WorkPart::writeStep($record), array_flip(['by', 'value', 'label', 'tool', 'note']));
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\RemoveRequest;
use App\Http\Requests\Work\DryRunRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Form\Values;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\WorkPart;
use Underpin\Job\Work\DryRun;
use Underpin\StageKey;

/** Change-overs that somebody of the house did alone from the card. */
final class DryRunController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(DryRunRequest $request, Job $job): Response|RedirectResponse
    {
        $run = WorkPart::dryRunOf(new Values([...$request->values()->all(), 'id' => $this->newKey(), 'on_screen' => false]));

        return $this->save($request, $job, "Dry run of $run->who", fn (JobFile $file): JobFile => $file->with(
            $file->work->with(dryRuns: [...$file->work->dryRuns, $run]),
        ));
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'Dry run taken out', function (JobFile $file, Job $row) use ($id): JobFile {
            $left = array_values(array_filter($file->work->dryRuns, fn (DryRun $r): bool => $r->id !== $id));

            return count($left) === count($file->work->dryRuns) ? throw Conflict::gone($row)
                : $file->with($file->work->with(dryRuns: $left));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::Prove;
    }
}

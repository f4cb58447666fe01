<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\RemoveRequest;
use App\Http\Requests\Work\HoursRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Form\Values;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\WorkPart;
use Underpin\Job\Work\HoursWorked;
use Underpin\StageKey;

/** Hours worked on a job, by task. */
final class HoursController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(HoursRequest $request, Job $job): Response|RedirectResponse
    {
        $hours = WorkPart::hoursOf(new Values([...$request->values()->all(), 'id' => $this->newKey()]));

        return $this->save($request, $job, "$hours->hours h noted", fn (JobFile $file): JobFile => $file->with(
            $file->work->with(hours: [...$file->work->hours, $hours]),
        ));
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'Hours taken out', function (JobFile $file, Job $row) use ($id): JobFile {
            $left = array_values(array_filter($file->work->hours, fn (HoursWorked $h): bool => $h->id !== $id));

            return count($left) === count($file->work->hours) ? throw Conflict::gone($row) : $file->with($file->work->with(hours: $left));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::Install;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Run;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Run\RoutineRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\StartRoutine;
use Underpin\StageKey;

/** Which comes first at the start, the engine or the cord. */
final class RoutineController extends Controller
{
    use SavesChoices;

    public function __invoke(RoutineRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();

        $edit = function (JobFile $file, Job $row) use ($request, $in): JobFile {
            Conflict::guard(
                $row, ['start_school'], ['start_school' => $file->connection->routine->value], $request->was(), $in->all(),
            );

            return $file->with($file->connection->with(routine: StartRoutine::from($in->text('start_school'))));
        };

        return $this->save($request, $job, 'Order of the start', $edit);
    }

    private function stage(): StageKey
    {
        return StageKey::Run;
    }
}

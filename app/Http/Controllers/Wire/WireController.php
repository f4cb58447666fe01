<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wire;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Wire\WireRunRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\WireRunPart;
use Underpin\StageKey;

/** The way from the machine to the panel. */
final class WireController extends Controller
{
    use SavesChoices;

    public function __invoke(WireRunRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();

        return $this->save($request, $job, 'Wire run', function (JobFile $file, Job $row) use ($request, $in): JobFile {
            Conflict::guard($row, ['wire'], WireRunPart::writeRun($file->wire), $request->was(), $in->all());

            return $file->with(WireRunPart::run($in)->withLengths($file->wire->lengths));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::Wire;
    }
}

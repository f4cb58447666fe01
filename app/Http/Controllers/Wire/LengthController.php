<?php

declare(strict_types=1);

namespace App\Http\Controllers\Wire;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Wire\LengthRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\MeasuredLength;
use Underpin\StageKey;

/** The length of what is laid besides cord and generator run. */
final class LengthController extends Controller
{
    use SavesChoices;

    public function __invoke(LengthRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');
        $ft = $request->values()->numberOrNull('ft');

        return $this->save($request, $job, 'Length', function (JobFile $file, Job $row) use ($request, $id, $ft): JobFile {
            Conflict::guard($row, ['wire', 'lengths', $id], ['ft' => $file->wire->betweenFt($id)], $request->was(), ['ft' => $ft]);
            $others = array_filter($file->wire->lengths, fn (MeasuredLength $each): bool => $each->id !== $id);

            return $file->with($file->wire->withLengths([...array_values($others), ...$ft === null ? [] : [new MeasuredLength($id, $ft)]]));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::Wire;
    }
}

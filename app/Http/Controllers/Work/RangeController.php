<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Work\RangeRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Codebook\Acceptance;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\WorkPart;
use Underpin\Job\Work\OwnRange;
use Underpin\StageKey;

/** Ranges of the commissioning that a label or the shop sets. */
final class RangeController extends Controller
{
    use SavesChoices;

    public function __invoke(RangeRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $of = Acceptance::from($in->text('id'));
        $isUsual = $in->numberOrNull('low') === null && $in->numberOrNull('high') === null;
        $range = $isUsual ? null : WorkPart::rangeOf($in);

        return $this->save($request, $job, "Range of {$of->words()}", function (JobFile $file, Job $row) use ($request, $of,
            $range): JobFile {
            $there = $file->work->range($of->value);
            $ends = fn (?OwnRange $r): array => ['low' => $r?->low, 'high' => $r?->high];
            Conflict::guard($row, ['work', 'ranges', $of->value], $ends($there), $request->was(), $ends($range));
            $others = array_values(array_filter($file->work->ranges, fn (OwnRange $r): bool => $r->id !== $of->value));

            return $file->with($file->work->with(ranges: [...$others, ...$range === null ? [] : [$range]]));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::Prove;
    }
}

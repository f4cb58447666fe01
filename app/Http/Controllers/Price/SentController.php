<?php

declare(strict_types=1);

namespace App\Http\Controllers\Price;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\RemoveRequest;
use App\Http\Requests\Price\SentRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Form\Values;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\AgreedPart;
use Underpin\Job\SentPaper;
use Underpin\StageKey;

/** Papers that went out, and what came back. */
final class SentController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(SentRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');
        $paper = AgreedPart::paperOf(new Values([...$request->values()->all(), 'id' => $id === '' ? $this->newKey() : $id]));

        return $this->save($request, $job, "$paper->paper to $paper->to", function (JobFile $file, Job $row) use ($request, $id,
            $paper): JobFile {
            $all = $file->agreed->sent;
            $there = array_values(array_filter($all, fn (SentPaper $p): bool => $p->id === $id))[0] ?? null;
            if ($id !== '' && $there === null) {
                throw Conflict::gone($row);
            }
            if ($there !== null) {
                Conflict::guard(
                    $row, ['agreed', 'sent', $id], AgreedPart::writePaper($there), $request->was(), AgreedPart::writePaper($paper),
                );
            }

            return $file->with($file->agreed->sending($there === null
                ? [...$all, $paper]
                : array_map(fn (SentPaper $p): SentPaper => $p->id === $id ? $paper : $p, $all)));
        });
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'A paper taken out', function (JobFile $file, Job $row) use ($id): JobFile {
            $left = array_values(array_filter($file->agreed->sent, fn (SentPaper $p): bool => $p->id !== $id));

            return count($left) === count($file->agreed->sent) ? throw Conflict::gone($row) : $file->with($file->agreed->sending($left));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::PriceAndPapers;
    }
}

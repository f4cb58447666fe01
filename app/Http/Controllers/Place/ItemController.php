<?php

declare(strict_types=1);

namespace App\Http\Controllers\Place;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\ItemRequest;
use App\Http\Requests\Place\RemoveRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\SitePlanPart;
use Underpin\Job\Plan\PlanItem;
use Underpin\Job\Plan\PlanItemKind;
use Underpin\StageKey;

/** What else stands on the site plan. */
final class ItemController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(ItemRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $id = $in->text('id');
        $item = new PlanItem(
            $id === '' ? $this->newKey() : $id, PlanItemKind::from($in->text('kind')), $in->number('x'), $in->number('y'),
            $in->number('w'), $in->number('d'), $in->text('name'), $in->numberOrNull('height_in'),
        );

        return $this->save($request, $job, ucfirst($item->title()), function (JobFile $file, Job $row) use ($request, $id, $item): JobFile {
            $there = $file->plan->item($id);
            if ($id !== '' && $there === null) {
                throw Conflict::gone($row);
            }
            if ($there !== null) {
                $shown = fn (PlanItem $i): array => array_diff_key(SitePlanPart::writeItem($i), ['id' => 0]);
                Conflict::guard($row, ['site_plan', 'items', $id], $shown($there), $request->was(), $shown($item));
            }

            return $file->with($file->plan->withItem($item));
        });
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'Site plan: something removed', fn (JobFile $file, Job $row): JobFile => $file->with(
            $file->plan->item($id) === null ? throw Conflict::gone($row) : $file->plan->without($id),
        ));
    }

    /** Somebody looked: nothing else stands there. */
    public function none(Request $request, Job $job): Response|RedirectResponse
    {
        return $this->save($request, $job, 'Site plan: nothing else stands there', fn (JobFile $file): JobFile => $file->with(
            $file->plan->with(items: $file->plan->items ?? []),
        ));
    }

    private function stage(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Place;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\BuildingRequest;
use App\Http\Requests\Place\RemoveRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\SitePlanPart;
use Underpin\Job\Plan\BuildingKind;
use Underpin\Job\Plan\PlannedBuilding;
use Underpin\StageKey;

/** Buildings of the site plan: outlines and what their walls are. */
final class BuildingController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(BuildingRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $id = $in->text('id');

        return $this->save($request, $job, $in->text('name'), function (JobFile $file, Job $row) use ($request, $in, $id): JobFile {
            $there = $file->plan->building($id);
            if ($id !== '' && $there === null) {
                throw Conflict::gone($row);
            }
            $building = new PlannedBuilding(
                $id === '' ? $this->newKey() : $id, $in->text('name'), BuildingKind::from($in->text('kind')), $in->points('corners') ?? [],
                $in->flagOrNull('burns'), $there->openings ?? [],
            );
            if ($there !== null) {
                $shown = fn (PlannedBuilding $b): array => array_diff_key(SitePlanPart::writeBuilding($b), ['id' => 0, 'openings' => 0]);
                Conflict::guard($row, ['site_plan', 'buildings', $id], $shown($there), $request->was(), $shown($building));
            }

            return $file->with($file->plan->withBuilding($building));
        });
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'Site plan: a building removed', fn (JobFile $file, Job $row): JobFile => $file->with(
            $file->plan->building($id) === null ? throw Conflict::gone($row) : $file->plan->without($id),
        ));
    }

    private function stage(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }
}

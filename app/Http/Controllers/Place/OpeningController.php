<?php

declare(strict_types=1);

namespace App\Http\Controllers\Place;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\OpeningRequest;
use App\Http\Requests\Place\RemoveRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\SitePlanPart;
use Underpin\Job\Plan\OpeningKind;
use Underpin\Job\Plan\WallOpening;
use Underpin\StageKey;

/** Doors, windows and vents of the site plan. */
final class OpeningController extends Controller
{
    use EditsJob;
    use SavesChoices;

    public function store(OpeningRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $id = $in->text('id');
        $opening = new WallOpening(
            $id === '' ? $this->newKey() : $id, OpeningKind::from($in->text('kind')), $in->whole('wall'), $in->number('from_ft'),
            $in->number('width_ft'), $in->text('name'),
        );

        return $this->save($request, $job, ucfirst($opening->title()), function (JobFile $file, Job $row) use (
            $request, $in, $id, $opening,
        ): JobFile {
            $building = $file->plan->building($in->text('building')) ?? throw Conflict::gone($row);
            $there = array_values(array_filter($building->openings, fn (WallOpening $o): bool => $o->id === $id))[0] ?? null;
            if ($id !== '' && $there === null) {
                throw Conflict::gone($row);
            }
            if ($there !== null) {
                $shown = fn (WallOpening $o): array => array_diff_key(SitePlanPart::writeOpening($o), ['id' => 0]);
                Conflict::guard(
                    $row, ['site_plan', 'buildings', $building->id, 'openings', $id], $shown($there), $request->was(), $shown($opening),
                );
            }
            $openings = $there === null
                ? [...$building->openings, $opening]
                : array_map(fn (WallOpening $o): WallOpening => $o->id === $id ? $opening : $o, $building->openings);

            return $file->with($file->plan->withBuilding($building->withOpenings($openings)));
        });
    }

    public function destroy(RemoveRequest $request, Job $job): Response|RedirectResponse
    {
        $id = $request->values()->text('id');

        return $this->save($request, $job, 'Site plan: an opening removed', function (JobFile $file, Job $row) use ($id): JobFile {
            foreach ($file->plan->buildings ?? [] as $building) {
                $left = array_values(array_filter($building->openings, fn (WallOpening $o): bool => $o->id !== $id));
                if (count($left) < count($building->openings)) {
                    return $file->with($file->plan->withBuilding($building->withOpenings($left)));
                }
            }
            throw Conflict::gone($row);
        });
    }

    private function stage(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }
}

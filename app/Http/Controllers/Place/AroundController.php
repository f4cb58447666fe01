<?php

declare(strict_types=1);

namespace App\Http\Controllers\Place;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\AroundRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\SitePlanPart;
use Underpin\Job\Plan\PlanSide;
use Underpin\StageKey;

/** The lot, north, where snow comes down, where water stands, and how the ground falls. */
final class AroundController extends Controller
{
    use SavesChoices;

    public function __invoke(AroundRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();

        return $this->save($request, $job, 'Site plan: lot and north', function (JobFile $file, Job $row) use ($request, $in): JobFile {
            $plan = $file->plan->with(
                property: $in->points('property') ?? [], northDeg: $in->number('north_deg'),
                snowSide: PlanSide::tryFrom($in->textOrNull('snow_side') ?? ''), flood: $in->points('flood') ?? [],
                floodIn: $in->numberOrNull('flood_in'), fallSide: PlanSide::tryFrom($in->textOrNull('fall_side') ?? ''),
                fallPct: $in->numberOrNull('fall_pct'),
            );
            Conflict::guard(
                $row, ['site_plan'], SitePlanPart::writeAround($file->plan), $request->was(), SitePlanPart::writeAround($plan),
            );

            return $file->with($plan);
        });
    }

    private function stage(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }
}

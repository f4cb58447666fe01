<?php

declare(strict_types=1);

namespace App\Http\Controllers\Place;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\WayRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\SitePlanPart;
use Underpin\Job\Plan\Route;
use Underpin\Job\Plan\RouteKind;
use Underpin\StageKey;

/** The ways of cord, trench and gas pipe on the site plan. */
final class WayController extends Controller
{
    use SavesChoices;

    public function __invoke(WayRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $kind = RouteKind::from($in->text('kind'));
        $points = $in->points('points');

        return $this->save($request, $job, 'Site plan: '.$kind->words(), function (JobFile $file, Job $row) use (
            $request, $kind, $points,
        ): JobFile {
            $there = $file->plan->route($kind);
            Conflict::guard(
                $row, ['routes', $kind->value], ['points' => $there === null ? null : SitePlanPart::pairs($there->points)], $request->was(),
                ['points' => $points === null ? null : SitePlanPart::pairs($points)],
            );
            $others = array_values(array_filter($file->plan->routes, fn (Route $r): bool => $r->kind !== $kind));

            return $file->with($file->plan->with(routes: $points === null ? $others : [...$others, new Route($kind, $points)]));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }
}

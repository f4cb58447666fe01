<?php

declare(strict_types=1);

namespace App\Http\Controllers\Place;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\MoveRequest;
use App\Http\Requests\Place\SpotRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Design\Design;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Plan\SitePlan;
use Underpin\StageKey;

/** Where the machine stands: typed as a whole, moved by hand, and looked at before it is let go. */
final class SpotController extends Controller
{
    use SavesChoices;

    public function store(SpotRequest $request, Job $job): Response|RedirectResponse
    {
        return $this->save($request, $job, 'Where the machine stands', function (JobFile $file, Job $row) use ($request): JobFile {
            $spot = $request->spot();
            Conflict::guard(
                $row, ['machine_spot'], SpotRequest::shown($file->plan->spot), $request->was(), SpotRequest::shown($spot),
            );

            return $file->with($file->plan->with(spot: $spot));
        });
    }

    public function move(MoveRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();

        return $this->save($request, $job, 'The machine was moved', function (JobFile $file, Job $row) use ($request, $in): JobFile {
            $spot = $file->plan->spot ?? throw Conflict::gone($row);
            $now = ['x' => $in->number('x'), 'y' => $in->number('y')];
            Conflict::guard($row, ['machine_spot'], ['x' => $spot->x, 'y' => $spot->y], $request->was(), $now);

            return $file->with($file->plan->with(spot: $spot->at($now['x'], $now['y'])));
        });
    }

    /** The distances as they would be there; nothing is saved. */
    public function look(Request $request, Job $job): Response
    {
        $at = fn (string $name): float => max(-SitePlan::FARTHEST_FT, min(SitePlan::FARTHEST_FT, $request->float($name)));
        $file = JobEditor::open($job)->job;
        $moved = $file->plan->spot === null ? $file : $file->with(
            $file->plan->with(spot: $file->plan->spot->at($at('x'), $at('y'))),
        );

        return response(view('place.live', ['design' => new Design($moved), 'edition' => $file->authority->rules->edition])->render());
    }

    private function stage(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }
}

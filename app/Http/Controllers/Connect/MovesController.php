<?php

declare(strict_types=1);

namespace App\Http\Controllers\Connect;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Design\Design;
use Underpin\Job\Job as JobFile;
use Underpin\Refused;
use Underpin\StageKey;

/** The moves that free the spaces of an interlock have been made: the panel is written as it is now. */
final class MovesController extends Controller
{
    use SavesChoices;

    public function __invoke(Request $request, Job $job): Response|RedirectResponse
    {
        return $this->save($request, $job, 'Breakers moved for the interlock', function (JobFile $file): JobFile {
            $design = new Design($file);
            $panel = $design->way()?->platedPanel($design->situation());
            $there = $panel === null ? null : $file->service->panel($panel->id);
            if ($there === null || $there->inTheWayOfInterlock() === []) {
                throw new Refused('moves', 'Moves: nothing sits in the way of the interlock any more.');
            }
            $moves = (new Design($file))->situation()->moves($there);
            if (! $moves->plan->isPossible()) {
                throw new Refused('moves', 'Moves: '.$moves->plan->reason);
            }

            return $file->with($file->service->withPanel($moves->after()));
        });
    }

    private function stage(): StageKey
    {
        return StageKey::Connect;
    }
}

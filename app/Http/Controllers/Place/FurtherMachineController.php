<?php

declare(strict_types=1);

namespace App\Http\Controllers\Place;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Http\Requests\Place\FurtherMachineRequest;
use App\Http\Requests\Place\WithoutMachineRequest;
use App\JobFile\Conflict;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Plan\MachineSpot;
use Underpin\Job\Plan\PlanSide;
use Underpin\Job\Plan\SitePlan;
use Underpin\Refused;
use Underpin\StageKey;

/** Further machines of the same make: each stands somewhere of its own, otherwise like the first. */
final class FurtherMachineController extends Controller
{
    use SavesChoices;

    public function store(FurtherMachineRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $n = $in->whole('machine');
        $exhaust = PlanSide::from($in->text('exhaust'));

        return $this->save($request, $job, 'Further machine', function (JobFile $file, Job $row) use ($request, $in, $n,
            $exhaust): JobFile {
            $more = $file->plan->more;
            $like = $file->plan->spot ?? throw new Refused('x', 'To the right: the first machine is placed first.');
            $spot = new MachineSpot(
                $in->number('x'), $in->number('y'), $exhaust, $like->widthFt, $like->depthFt, $like->served, $like->platformIn,
            );
            if ($n === 0) {
                return count($more) < SitePlan::MOST_MORE ? $file->with($file->plan->with(more: [...$more, $spot])) : throw new Refused(
                    'x', 'Machine: at most '.(SitePlan::MOST_MORE + 1).' are placed.',
                );
            }
            $there = $more[$n - 2] ?? throw Conflict::gone($row);
            Conflict::guard($row, ['more_spots'], self::shown($there), $request->was(), self::shown($spot));
            $more[$n - 2] = $spot;

            return $file->with($file->plan->with(more: $more));
        });
    }

    public function destroy(WithoutMachineRequest $request, Job $job): Response|RedirectResponse
    {
        $n = $request->values()->whole('machine');

        return $this->save($request, $job, 'A machine taken off the plan', function (JobFile $file, Job $row) use ($n): JobFile {
            $more = $file->plan->more;
            if (! isset($more[$n - 2])) {
                throw Conflict::gone($row);
            }
            unset($more[$n - 2]);

            return $file->with($file->plan->with(more: array_values($more)));
        });
    }

    /** @return array{x: float, y: float, exhaust: string} */
    public static function shown(MachineSpot $spot): array
    {
        return ['x' => $spot->x, 'y' => $spot->y, 'exhaust' => $spot->exhaust->value];
    }

    private function stage(): StageKey
    {
        return StageKey::PlaceAndFuel;
    }
}

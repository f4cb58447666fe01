<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Devices\ClampMeters;
use App\Devices\StandIn\StandInClampMeter;
use App\Http\Controllers\Controller;
use App\Http\Requests\Loads\StandInBreakerRequest;
use App\Http\Requests\Loads\StandInHouseRequest;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Underpin\Job\Job as JobFile;
use Underpin\Measure\Reading;
use Underpin\Refused;
use Underpin\StageKey;

/** What the clamp meter of a job reads; and of the stand-in, its knobs and the breakers of the house it reads. */
final class MeterController extends Controller
{
    public function show(Job $job): View
    {
        $screen = JobScreen::open($job, StageKey::Loads);
        $meter = StandInClampMeter::of($job, fn (): JobFile => $screen->job);
        $meter->buildOn($screen->job);

        return view('loads.meter-page', ['screen' => $screen, 'meter' => $meter]);
    }

    public function readings(Request $request, Job $job, ClampMeters $meters): JsonResponse
    {
        $since = $request->query('since');
        $now = self::nowMs();
        $from = is_string($since) && preg_match('/^\d{1,14}$/', $since) === 1 ? (int) $since : $now - 1000;

        return new JsonResponse(
            [
                'now' => $now,
                'readings' => array_map(
                    fn (Reading $r): array => [$r->atMs, $r->aAmps, $r->bAmps], $meters->at($job)->readings(min($from, $now), $now),
                ),
            ]
        );
    }

    public function update(StandInHouseRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();

        return $this->change($request, $job, function (StandInClampMeter $meter) use ($in): void {
            $meter->turn(
                [
                    'base_a' => $in->number('base_a'), 'base_b' => $in->number('base_b'), 'noise_a' => $in->number('noise_a'),
                    'swapped' => $in->flag('swapped'),
                ]
            );
        });
    }

    public function switch(StandInBreakerRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();

        return $this->change($request, $job, function (StandInClampMeter $meter) use ($in): void {
            if (! $meter->has($in->text('circuit'))) {
                throw new Refused('circuit', 'Circuit: the stand-in house has no such breaker.');
            }
            $meter->throw($in->text('circuit'), $in->flag('on'), self::nowMs());
        });
    }

    public static function nowMs(): int
    {
        return (int) now()->getPreciseTimestamp(3);
    }

    /** @param  callable(StandInClampMeter): void  $change */
    private function change(Request $request, Job $job, callable $change): Response|RedirectResponse
    {
        $screen = JobScreen::open($job, StageKey::Loads);
        $meter = DB::transaction(function () use ($job, $screen, $change): StandInClampMeter {
            DB::table('stand_in_meters')->where('job_id', $job->id)->lockForUpdate()->value('id');
            $meter = StandInClampMeter::of($job, fn (): JobFile => $screen->job);
            $change($meter);

            return $meter;
        });
        if (! $request->headers->has('X-Parts')) {
            return redirect()->route('jobs.meter', $job->id);
        }

        return response(view('loads.meter', ['screen' => $screen, 'meter' => $meter])->render());
    }
}

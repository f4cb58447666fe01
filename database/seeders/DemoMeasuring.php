<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Devices\StandIn\StandInClampMeter;
use App\Devices\StandIn\StandInHouse;
use App\Devices\StandIn\StandInLoad;
use App\Intervals\UtilityData;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Models\Recording;
use App\Models\User;
use App\Recordings\RecordingRows;
use Underpin\Job\Circuit;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Measured;
use Underpin\Job\Panel;
use Underpin\Measure\Interval\CivilDay;
use Underpin\Measure\Interval\IntervalSeries;
use Underpin\Measure\Interval\Zone;
use Underpin\Measure\Mark;
use Underpin\Measure\Reading;

/** What was measured, recorded and read off at the demo jobs, and what their stand-in houses hide. All invented. */
final class DemoMeasuring
{
    /**
     * The dairy's two faults: a circuit that hangs on the other leg than its label says, and heat
     * lamps that draw far more than is listed, through a receptacle too small for them.
     */
    private const DAIRY_FAULTS = ['c28' => ['leg' => 'A'], 'c25' => ['run_a' => 14.4, 'start_a' => 14.6]];

    public static function fill(Job $lodge, User $keeper, Job $rowHouse, User $second, Job $dairy, User $first): void
    {
        self::measure($dairy, $first, ['c5' => 8.6, 'c9' => 10.3, 'c13' => 2.2, 'c21' => 5.2], self::DAIRY_FAULTS);
        self::measure($rowHouse, $second, ['c1' => 6.9, 'c3' => 3.3, 'c2' => 1.4, 'c5' => 6.1, 'c12' => 0.7]);
        self::measure($lodge, $keeper, ['c1' => 12.4, 'c9' => 3.8, 'w1' => 6.4, 'w9' => 6.8, 'k1' => 7.0]);
        self::actedOut($dairy, 'Milking in an outage', 8, ['c5' => 20, 'c9' => 60, 'c13' => 90, 'c21' => 120, 'c17' => 150, 'c4' => 170]);
        self::actedOut($rowHouse, 'Winter evening', 20, ['c3' => 15, 'c2' => 40, 'c5' => 70, 'c6' => 100, 'c1' => 130]);
        self::actedOut($lodge, 'Full house', 15, ['c1' => 10, 'c11' => 40, 'w1' => 70, 'w9' => 100, 'k1' => 130]);
        self::utilityData($dairy, $first, 'tarn-power-2025.csv', 1400.0, 4600.0, 1.1);
        self::utilityData($rowHouse, $second, 'merrin-light-2025.csv', 420.0, 2300.0, 0.9);
        self::utilityData($lodge, $keeper, 'north-shore-coop-2025.xml', 4200.0, 12500.0, 1.2);
    }

    /**
     * The stand-in house draws what was measured, so that measuring it again finds the same.
     *
     * @param  array<string, float>  $amps  running amperes by circuit
     * @param  array<string, array{leg?: string, run_a?: float, start_a?: float}>  $faults  where the house is not as its list says
     */
    private static function measure(Job $job, User $user, array $amps, array $faults = []): void
    {
        $measured = [];
        foreach (self::circuits($job) as $key => $circuit) {
            if (isset($amps[$key])) {
                $ratio = $circuit->runAmps() > 0 ? $circuit->startAmps() / $circuit->runAmps() : 1.0;
                $measured[$key] = new Measured(
                    $circuit->leg(), $amps[$key], max($amps[$key], round(0.95 * $amps[$key] * $ratio, 1)), '2026-10-14',
                );
            }
        }
        $edit = fn (JobFile $file): JobFile => $file->with($file->service->with(panels: array_map(
            fn (Panel $panel): Panel => $panel->with(circuits: array_map(
                fn (Circuit $circuit): Circuit => $circuit->with(measured: $measured[$circuit->id] ?? $circuit->measured),
                $panel->circuits,
            )),
            $file->service->panels,
        )));
        JobEditor::change($job, $user, 'Measured one by one', $edit);
        $draws = array_map(fn (Measured $found): array => ['run_a' => $found->runAmps, 'start_a' => $found->startAmps], $measured);
        StandInClampMeter::of($job, fn (): JobFile => JobRows::read($job), [...$draws, ...$faults]);
    }

    /** @return array<string, Circuit> by id */
    private static function circuits(Job $job): array
    {
        return array_column(
            array_map(fn (Circuit $circuit): array => [$circuit->id, $circuit], JobRows::read($job)->drawingCircuits()), 1, 0,
        );
    }

    /** @param  array<string, int>  $switched  seconds after the beginning, by circuit */
    private static function actedOut(Job $job, string $name, int $hour, array $switched): void
    {
        $circuits = self::circuits($job);
        $began = (CivilDay::number(2026, 10, 14) ?? 0) * 86_400_000 + $hour * 3_600_000 + 14_400_000;
        $recording = Recording::query()->create(
            [
                'job_id' => $job->id, 'key' => "demo$job->id", 'name' => $name, 'began_ms' => $began, 'ended' => true, 'inlet_a' => 50,
                'buffer_a' => 4.0,
            ]
        );
        $runs = [];
        foreach ($switched as $key => $second) {
            $circuit = $circuits[$key];
            $runs[] = [
                'load' => new StandInLoad(
                    $key, $circuit->leg(), $circuit->measured->runAmps ?? $circuit->runAmps(),
                    $circuit->measured->startAmps ?? $circuit->startAmps(), 1.2,
                ),
                'onMs' => $second * 1000, 'offMs' => null,
            ];
            RecordingRows::mark($recording, new Mark($second * 1000 + 400, $circuit->title().' on', $key));
        }
        $house = new StandInHouse($job->id, 1.6, 1.1, 0.03, false, $runs);
        RecordingRows::keep($recording, array_map(fn (int $i): Reading => $house->read($i * 200), range(0, 1000)));
    }

    /** A year of quarter hours: low at night, high in the evening and in the cold. */
    private static function utilityData(Job $job, User $user, string $file, float $nightW, float $eveningW, float $winter): void
    {
        $series = new IntervalSeries;
        $first = Zone::Eastern->midnight(CivilDay::number(2025, 10, 1) ?? 0);
        for ($i = 0; $i < 35_040; $i++) {
            $start = $first + 900 * $i;
            $hour = intdiv($start + Zone::Eastern->offsetAt($start)[0], 3600) % 24;
            $cold = 1 + $winter / 4 * (1 + cos(2 * M_PI * ($i / 96 - 105) / 365));
            $chance = crc32("$job->id $i") % 1000 / 1000;
            $gap = $i >= 14_200 && $i < 14_212; // a storm
            if (! $gap) {
                $series->add(
                    $start,
                    $cold * (
                        $nightW + ($hour >= 5
                            && $hour <= 7
                            || $hour >= 17
                            && $hour <= 21 ? $eveningW * (0.5 + 0.5 * $chance) : 0.35 * $eveningW * $chance ** 3)
                    ),
                );
            }
        }
        $year = $series->picture(Zone::Eastern, 900, 1.0, false);
        UtilityData::attach($job, $user, $file, $year);
    }
}

<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use App\Devices\ClampMeter;
use App\Models\Job;
use App\Models\StandInMeter;
use Closure;
use Underpin\Job\Circuit;
use Underpin\Job\Job as JobFile;
use Underpin\Legs\Leg;
use Underpin\Measure\Reading;

/**
 * Reads the stand-in house of a job. Each circuit of the house is drawn from the load list once and
 * then stays as it is: what the list says of it later does not change it.
 */
final readonly class StandInClampMeter implements ClampMeter
{
    public function __construct(public StandInMeter $row)
    {
    }

    /**
     * @param  Closure(): JobFile  $file  asked only for the first time
     * @param  array<string, array{leg?: string, run_a?: float, start_a?: float}>  $faults  what is not as the list says, by circuit
     */
    public static function of(Job $job, Closure $file, array $faults = []): self
    {
        $found = StandInMeter::query()->where('job_id', $job->id)->first();
        if ($found !== null) {
            return new self($found);
        }
        $meter = new self(StandInMeter::query()->createOrFirst(['job_id' => $job->id], ['state' => [
            'seed' => 4711 + $job->id, 'base_a' => 1.4, 'base_b' => 0.9, 'noise_a' => 0.02, 'swapped' => false, 'loads' => [], 'runs' => [],
        ]]));
        $meter->buildOn($file(), $faults);

        return $meter;
    }

    /**
     * Circuits that have been listed since the house was drawn.
     *
     * @param  array<string, array{leg?: string, run_a?: float, start_a?: float}>  $faults
     */
    public function buildOn(JobFile $file, array $faults = []): void
    {
        $state = $this->row->state;
        foreach ($file->drawingCircuits() as $circuit) {
            if (! $circuit->figuresMissing() && ! $this->has($circuit->id)) {
                $state['loads'][] = [...self::loadOf($circuit), ...($faults[$circuit->id] ?? [])];
            }
        }
        $this->row->update(['state' => $state]);
    }

    public function readings(int $sinceMs, int $nowMs): array
    {
        $house = $this->house();
        $from = max($sinceMs + 1, $nowMs - self::MEMORY_MS);
        $readings = [];
        for ($ms = intdiv($from + self::STEP_MS - 1, self::STEP_MS) * self::STEP_MS; $ms <= $nowMs; $ms += self::STEP_MS) {
            $readings[] = $house->read($ms);
        }

        return array_values(array_filter($readings, fn (Reading $r): bool => $r->atMs > $sinceMs));
    }

    public function isOn(string $circuit): bool
    {
        return array_filter($this->row->state['runs'], fn (array $run): bool => $run['c'] === $circuit && $run['off'] === null) !== [];
    }

    public function has(string $circuit): bool
    {
        return in_array($circuit, array_column($this->row->state['loads'], 'c'), true);
    }

    /** Closes or opens a breaker of the house. */
    public function throw(string $circuit, bool $on, int $nowMs): void
    {
        $state = $this->row->state;
        $state['runs'] = array_values(
            array_filter($state['runs'], fn (array $run): bool => $run['off'] === null || $run['off'] > $nowMs - self::MEMORY_MS)
        );
        if ($on && ! $this->isOn($circuit)) {
            $state['runs'][] = ['c' => $circuit, 'on' => $nowMs, 'off' => null];
        } elseif (! $on) {
            $state['runs'] = array_map(
                fn (array $run): array => $run['c'] === $circuit && $run['off'] === null ? [...$run, 'off' => $nowMs] : $run,
                $state['runs'],
            );
        }
        $this->row->update(['state' => $state]);
    }

    /** @param  array{base_a: float, base_b: float, noise_a: float, swapped: bool}  $knobs */
    public function turn(array $knobs): void
    {
        $this->row->update(['state' => [...$this->row->state, ...$knobs]]);
    }

    private function house(): StandInHouse
    {
        $state = $this->row->state;
        $loads = [];
        foreach ($state['loads'] as $load) {
            $loads[$load['c']] = new StandInLoad($load['c'], Leg::from($load['leg']), $load['run_a'], $load['start_a'], $load['settle_s']);
        }
        $runs = [];
        foreach ($state['runs'] as $run) {
            if (isset($loads[$run['c']])) {
                $runs[] = ['load' => $loads[$run['c']], 'onMs' => $run['on'], 'offMs' => $run['off']];
            }
        }

        return new StandInHouse($state['seed'], $state['base_a'], $state['base_b'], $state['noise_a'], $state['swapped'], $runs);
    }

    /** @return array{c: string, leg: string, run_a: float, start_a: float, settle_s: float} */
    private static function loadOf(Circuit $circuit): array
    {
        // A house never draws quite what its nameplates say.
        $share = 0.94 + (crc32($circuit->id) % 1000) / 10_000;

        return [
            'c' => $circuit->id, 'leg' => $circuit->leg()->value,
            'run_a' => $share * $circuit->runAmps(), 'start_a' => $share * $circuit->startAmps(),
            'settle_s' => $circuit->settleS() >= 30 ? 1.2 : 0.1,
        ];
    }
}

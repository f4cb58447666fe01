<?php

declare(strict_types=1);

namespace App\Models;

use App\Devices\ClampMeter;
use Illuminate\Database\Eloquent\Model;
use Underpin\JobFile\JobFile;
use Underpin\Loads\Measure\StandInHouse;
use Underpin\Loads\Measure\StandInLoad;
use Underpin\Service\Circuit;
use Underpin\Service\Leg;

/**
 * The stand-in meter of a job with the house it reads. The house is drawn from the load list once
 * and then stays as it is: what the list says later does not change it.
 *
 * @property int $id
 * @property int $job_id
 * @property array{seed: int, base_a: float, base_b: float, noise_a: float, swapped: bool, loads: list<array{c: string, leg: string, run_a: float, start_a: float, settle_s: float}>, runs: list<array{c: string, on: int, off: ?int}>} $state
 */
final class StandInMeter extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /**
     * @param  array<string, array{leg?: string, run_a?: float, start_a?: float}>  $faults  what is not as the list says, by circuit
     */
    public static function forJob(Job $job, JobFile $file, array $faults = []): self
    {
        $found = self::query()->where('job_id', $job->id)->first();
        if ($found !== null) {
            return $found;
        }
        $loads = [];
        foreach ($file->drawingCircuits() as $circuit) {
            if (! $circuit->figuresMissing()) {
                $loads[] = [...self::loadOf($circuit), ...($faults[$circuit->id] ?? [])];
            }
        }

        return self::query()->create(['job_id' => $job->id, 'state' => [
            'seed' => 4711 + $job->id, 'base_a' => 1.4, 'base_b' => 0.9, 'noise_a' => 0.02, 'swapped' => false, 'loads' => $loads, 'runs' => [],
        ]]);
    }

    public function house(): StandInHouse
    {
        $state = $this->state;
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

    public function isOn(string $circuit): bool
    {
        return array_filter($this->state['runs'], fn (array $run): bool => $run['c'] === $circuit && $run['off'] === null) !== [];
    }

    public function has(string $circuit): bool
    {
        return in_array($circuit, array_column($this->state['loads'], 'c'), true);
    }

    public function throw(string $circuit, bool $on, int $nowMs): void
    {
        $state = $this->state;
        $state['runs'] = array_values(array_filter($state['runs'], fn (array $run): bool => $run['off'] === null || $run['off'] > $nowMs - ClampMeter::MEMORY_MS));
        if ($on && ! $this->isOn($circuit)) {
            $state['runs'][] = ['c' => $circuit, 'on' => $nowMs, 'off' => null];
        } elseif (! $on) {
            $state['runs'] = array_map(fn (array $run): array => $run['c'] === $circuit && $run['off'] === null ? [...$run, 'off' => $nowMs] : $run, $state['runs']);
        }
        $this->state = $state;
        $this->save();
    }

    /** @return array{c: string, leg: string, run_a: float, start_a: float, settle_s: float} */
    private static function loadOf(Circuit $circuit): array
    {
        // A house never draws quite what its nameplates say.
        $share = 0.94 + (crc32($circuit->id) % 1000) / 10_000;

        return [
            'c' => $circuit->id, 'leg' => $circuit->leg()->value,
            'run_a' => $share * $circuit->runAmps(), 'start_a' => $share * $circuit->startAmps(), 'settle_s' => $circuit->settleS() >= 30 ? 1.2 : 0.1,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => 'array'];
    }
}

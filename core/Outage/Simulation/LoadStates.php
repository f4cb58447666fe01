<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Underpin\Outage\House\House;

/** Which breakers are live and which loads run, and what they draw together. */
final class LoadStates
{
    private const NOTHING = [0.0, 0.0, 0.0];

    /** @var array<int, CircuitState> of every load */
    private array $loads;

    /** @var array<int, int> counts how often each load's breaker came on or went off: what was planned before that is void */
    private array $tracks;

    /** @var array<int, bool> */
    private array $isLive;

    /** @var array<int, float> since when each circuit has no power, or since when something on it runs */
    private array $deadS;

    /** @var array<int, float> */
    private array $runsS;

    /** @var array<int, int> how many loads of each circuit run, and start */
    private array $running;

    /** @var array<int, int> */
    private array $starting;

    /** @var array<int, true> places of circuits that have changed and are not traced yet */
    private array $changed = [];

    private ?int $last = null;

    private readonly LegSums $sums;

    public function __construct(private readonly House $house, private readonly OutageLog $log, private readonly ?Trace $trace)
    {
        $circuits = count($house->circuits);
        $loads = max(1, count($house->loads));
        $this->loads = array_fill(0, $loads, CircuitState::Dead);
        $this->tracks = array_fill(0, $loads, 0);
        $this->isLive = array_fill(0, $circuits, false);
        $this->deadS = $this->runsS = array_fill(0, $circuits, 0.0);
        $this->running = $this->starting = array_fill(0, $circuits, 0);
        $this->sums = new LegSums($loads);
    }

    /** @return array{float, float, float} watts, amperes on A, amperes on B */
    public function sum(): array
    {
        return $this->sums->sum();
    }

    /** Place of the circuit on which a load went on last. */
    public function last(): ?int
    {
        return $this->last;
    }

    public function isLive(int $place): bool
    {
        return $this->isLive[$place];
    }

    /** Place of the live circuit that draws most while it runs, medical equipment left out; null: there is none. */
    public function largest(): ?int
    {
        $largest = null;
        foreach ($this->house->circuits as $place => $circuit) {
            if ($this->isLive[$place] && ! $circuit->isMedical
                && ($largest === null || $circuit->runAmps > $this->house->circuits[$largest]->runAmps)) {
                $largest = $place;
            }
        }

        return $largest;
    }

    /**
     * Its breaker comes on.
     *
     * @return array<int, array{float, int}> seconds until each of its loads goes on, and the track that this is on; by load
     */
    public function live(int $place, float $atS): array
    {
        if ($this->isLive[$place]) {
            return [];
        }
        $this->isLive[$place] = true;
        $this->changed[$place] = true;
        $waits = [];
        foreach ($this->house->circuits[$place]->loads as $load) {
            $this->loads[$load] = CircuitState::Waits;
            $waits[$load] = [
                $this->house->loads[$load]->pattern->backS($atS, $atS - $this->deadS[$place]), ++$this->tracks[$load],
            ];
        }

        return $waits;
    }

    public function dead(int $place, float $atS): void
    {
        if (! $this->isLive[$place]) {
            return;
        }
        foreach ($this->house->circuits[$place]->loads as $load) {
            $this->off($load, $this->tracks[$load], $atS);
            $this->tracks[$load]++;
            $this->loads[$load] = CircuitState::Dead;
        }
        $this->isLive[$place] = false;
        $this->deadS[$place] = $atS;
        $this->changed[$place] = true;
    }

    public function allDead(float $atS): void
    {
        foreach (array_keys($this->isLive) as $place) {
            $this->dead($place, $atS);
        }
    }

    /** @return bool false: it is on another track by now */
    public function on(int $load, int $track, float $atS): bool
    {
        if ($track !== $this->tracks[$load] || $this->loads[$load] !== CircuitState::Waits) {
            return false;
        }
        $of = $this->house->loads[$load];
        $place = $of->circuit;
        if ($this->running[$place]++ === 0) {
            $this->runsS[$place] = $atS;
        }
        $this->loads[$load] = $of->startS > 0 ? CircuitState::Starts : CircuitState::Runs;
        $this->starting[$place] += $of->startS > 0 ? 1 : 0;
        $this->sums->set($load, $of->startS > 0 ? $of->starts : $of->runs);
        $this->log->start($place, $of->dipPct);
        $this->last = $place;
        $this->changed[$place] = true;

        return true;
    }

    public function started(int $load, int $track): void
    {
        if ($track === $this->tracks[$load] && $this->loads[$load] === CircuitState::Starts) {
            $place = $this->house->loads[$load]->circuit;
            $this->loads[$load] = CircuitState::Runs;
            $this->starting[$place]--;
            $this->sums->set($load, $this->house->loads[$load]->runs);
            $this->changed[$place] = true;
        }
    }

    /** @return bool false: it is on another track by now, or is off already */
    public function off(int $load, int $track, float $atS): bool
    {
        $state = $this->loads[$load];
        if ($track !== $this->tracks[$load] || $state === CircuitState::Waits || $state === CircuitState::Dead) {
            return false;
        }
        $place = $this->house->loads[$load]->circuit;
        $this->starting[$place] -= $state === CircuitState::Starts ? 1 : 0;
        if (--$this->running[$place] === 0) {
            $this->log->ran($place, $atS - $this->runsS[$place]);
        }
        $this->loads[$load] = CircuitState::Waits;
        $this->sums->set($load, self::NOTHING);
        $this->changed[$place] = true;

        return true;
    }

    /** The outage is over: what runs has run until now. */
    public function end(float $atS): void
    {
        foreach ($this->running as $place => $running) {
            if ($running > 0) {
                $this->log->ran($place, $atS - $this->runsS[$place]);
            }
        }
    }

    /** The circuits that have changed since it was asked last, into the trace. */
    public function trace(float $atS): void
    {
        foreach ($this->trace === null ? [] : array_keys($this->changed) as $place) {
            $this->trace?->circuit($atS, $place, match (true) {
                $this->starting[$place] > 0 => CircuitState::Starts,
                $this->running[$place] > 0 => CircuitState::Runs,
                $this->isLive[$place] => CircuitState::Waits,
                default => CircuitState::Dead,
            });
        }
        $this->changed = [];
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

use Underpin\Limit;
use Underpin\Outage\House\House;
use Underpin\Outage\Machine\Trip;

/** Keeps count while an outage is acted out. */
final class OutageLog
{
    /** Lines that a story has at most: beyond that nobody reads it. */
    private const MOST_MOMENTS = 2_000;

    /** @var array{float, float} */
    private array $peakAmps = [0.0, 0.0];

    /** @var array{float, float} */
    private array $peakAtS = [0.0, 0.0];

    private float $overRunS = 0.0;

    private float $energyWs = 0.0;

    private float $downS = 0.0;

    private ?float $firstOnS = null;

    private int $starts = 0;

    private int $refuellings = 0;

    /** @var list<Moment> */
    private array $moments = [];

    /** @var array<int, float> */
    private array $ranS;

    /** @var array<int, int> */
    private array $trips = [];

    /** @var array<int, float> */
    private array $dips = [];

    public function __construct(private readonly float $runAmps, int $circuits)
    {
        $this->ranS = $circuits === 0 ? [] : array_fill(0, $circuits, 0.0);
    }

    /** @param  array{float, float, float}  $drawn  watts, amperes on A, amperes on B, for so many seconds from then on */
    public function pass(float $atS, float $seconds, array $drawn, bool $feeds): void
    {
        [$watts, $a, $b] = $drawn;
        if ($a > $this->peakAmps[0] + Limit::SLACK) {
            $this->peakAmps[0] = $a;
            $this->peakAtS[0] = $atS;
        }
        if ($b > $this->peakAmps[1] + Limit::SLACK) {
            $this->peakAmps[1] = $b;
            $this->peakAtS[1] = $atS;
        }
        $this->overRunS += Limit::over(max($a, $b), $this->runAmps) ? $seconds : 0.0;
        $this->energyWs += $watts * $seconds;
        $this->downS += $feeds ? 0.0 : $seconds;
    }

    public function moment(float $atS, MomentKind $kind, string $words, ?int $circuit = null, ?Trip $trip = null): void
    {
        $this->firstOnS ??= $kind === MomentKind::Ready ? $atS : null;
        $this->refuellings += $kind === MomentKind::Refuelling ? 1 : 0;
        if (count($this->moments) < self::MOST_MOMENTS) {
            $this->moments[] = new Moment($atS, $kind, $words, $circuit, $trip);
        }
    }

    public function start(int $circuit, float $dipPct): void
    {
        $this->starts++;
        if ($dipPct > ($this->dips[$circuit] ?? 0.0)) {
            $this->dips[$circuit] = $dipPct;
        }
    }

    public function ran(int $circuit, float $seconds): void
    {
        $this->ranS[$circuit] += $seconds;
    }

    /** @return int how often that circuit has been the cause by now */
    public function trip(int $circuit): int
    {
        return $this->trips[$circuit] = ($this->trips[$circuit] ?? 0) + 1;
    }

    /** @param  list<int>  $leftOff */
    public function result(House $house, FuelGauge $fuel, float $seconds, array $leftOff): OutageResult
    {
        return new OutageResult(
            $seconds, $this->peakAmps, $this->peakAtS, $this->overRunS, $this->energyWs / 3600,
            $house->tank === null ? null : $fuel->burned(), $house->tank?->holds === null ? null : $fuel->left(), $this->downS,
            $this->firstOnS, $this->starts, $this->refuellings, $this->moments, $this->ranS, $this->trips, $leftOff, $this->dips,
        );
    }
}

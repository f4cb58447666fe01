<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

/** What an outage came to. */
final readonly class OutageResult
{
    /**
     * @param  array{float, float}  $peakAmps  highest amperes of A and B, and when they came first, seconds
     * @param  array{float, float}  $peakAtS
     * @param  float  $overRunS  seconds with either leg above what the machine carries for hours
     * @param  ?float  $burned  fuel; null: what the machine burns is not known
     * @param  ?float  $left  fuel in the tank and beside it; null: not known, or it comes by a pipe
     * @param  float  $downS  seconds in which the machine fed nothing
     * @param  ?float  $firstOnS  when it carried first; null: never
     * @param  int  $starts  how often any load went on
     * @param  int  $refuellings  stops for filling
     * @param  list<Moment>  $moments
     * @param  array<int, float>  $ranS  seconds that each circuit ran, by its place
     * @param  array<int, int>  $trips  how often each circuit was the last to start before an overload, by its place
     * @param  list<int>  $leftOff  places of circuits that were left off after that
     * @param  array<int, float>  $dips  deepest dip of each circuit's starts, per cent, by its place
     */
    public function __construct(
        public float $seconds, public array $peakAmps, public array $peakAtS, public float $overRunS, public float $energyWh,
        public ?float $burned, public ?float $left, public float $downS, public ?float $firstOnS, public int $starts,
        public int $refuellings, public array $moments, public array $ranS, public array $trips, public array $leftOff, public array $dips,
    ) {
    }

    public function overloads(): int
    {
        return array_sum($this->trips);
    }
}

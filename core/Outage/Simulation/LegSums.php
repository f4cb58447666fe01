<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

/** Watts, and amperes on either leg, of many loads: changed load by load. */
final class LegSums
{
    /** After so many changes the sums are made anew: what is added and taken away does not come out even to the last digit. */
    private const SUMMED_ANEW = 512;

    private const NOTHING = [0.0, 0.0, 0.0];

    /** @var list<array{float, float, float}> watts and amperes on either leg that each load draws now */
    private array $draws;

    /** @var array{float, float, float} the same of all together */
    private array $sum = self::NOTHING;

    private int $changes = 0;

    public function __construct(int $loads)
    {
        $this->draws = array_fill(0, $loads, self::NOTHING);
    }

    /** @param  array{float, float, float}  $new */
    public function set(int $load, array $new): void
    {
        $old = $this->draws[$load];
        $this->draws[$load] = $new;
        $this->sum = [$this->sum[0] + $new[0] - $old[0], $this->sum[1] + $new[1] - $old[1], $this->sum[2] + $new[2] - $old[2]];
        if (++$this->changes % self::SUMMED_ANEW === 0) {
            $this->sum = [
                array_sum(array_column($this->draws, 0)), array_sum(array_column($this->draws, 1)),
                array_sum(array_column($this->draws, 2)),
            ];
        }
    }

    /** @return array{float, float, float} */
    public function sum(): array
    {
        return $this->sum;
    }
}

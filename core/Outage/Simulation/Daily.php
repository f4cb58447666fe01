<?php

declare(strict_types=1);

namespace Underpin\Outage\Simulation;

/** The moments of an outage at which the clock stands where it does every day. */
final readonly class Daily
{
    /**
     * @param  float  $startHour  hour of the first day at which the outage begins
     * @param  float  $hours  how long it lasts
     */
    public function __construct(private float $startHour, private float $hours)
    {
    }

    /**
     * @param  float  $clockH  hour of the day
     * @return list<float> seconds from the beginning of the outage, after its first moment
     */
    public function at(float $clockH): array
    {
        $moments = [];
        for ($day = 0; $day * 24 + $clockH - $this->startHour < $this->hours; $day++) {
            if ($day * 24 + $clockH > $this->startHour) {
                $moments[] = ($day * 24 + $clockH - $this->startHour) * 3600;
            }
        }

        return $moments;
    }
}

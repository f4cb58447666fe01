<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Dice;

/** What somebody turns on: only at home and awake, now and then, for about as long as it is usually used. */
final readonly class UsedByPeople implements Pattern
{
    private const CHANCE = 0.5;

    public function __construct(
        private float $onS, private float $offS, private Home $home, private Weather $weather, private Dice $dice,
    ) {
    }

    public function onS(float $atS): float
    {
        return $this->onS * $this->dice->between(1 - self::CHANCE, 1 + self::CHANCE);
    }

    public function offS(float $atS): float
    {
        $wait = $this->offS * $this->dice->between(1 - self::CHANCE, 1 + self::CHANCE);
        $hours = $this->home->hoursUntilAwake($this->weather->clockH($atS + $wait));

        // Not all at the moment in which they wake.
        return $hours === null ? INF : $wait + $hours * 3600 + ($hours > 0 ? $this->dice->between(0, 3600) : 0.0);
    }

    public function backS(float $atS, float $deadS): float
    {
        return $this->offS($atS);
    }
}

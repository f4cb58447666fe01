<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Dice;

/** A pump or a tank heater: each turn as long as it takes, the next one the sooner the more water is drawn. */
final readonly class WaterDrawn implements Pattern
{
    /** What is drawn against the mean of a day, by the hour up to which it counts. Good practice. */
    private const DRAWN = [[5.0, 0.15], [9.0, 2.2], [16.0, 0.9], [21.0, 1.6], [24.0, 0.4]];

    /** Leaks, float switches and animals: what is drawn with nobody at home. */
    private const NOBODY = 0.1;

    private const CHANCE = 0.4;

    public function __construct(
        private float $onS, private float $offS, private Home $home, private Weather $weather, private Dice $dice,
    ) {
    }

    public function onS(float $atS): float
    {
        return $this->onS * $this->dice->between(1 - self::CHANCE / 2, 1 + self::CHANCE / 2);
    }

    public function offS(float $atS): float
    {
        return $this->offS / $this->drawn($this->weather->clockH($atS)) * $this->dice->between(1 - self::CHANCE, 1 + self::CHANCE);
    }

    /** The tank is drawn down while the pump is dead. */
    public function backS(float $atS, float $deadS): float
    {
        $wait = $this->offS($atS) * $this->dice->next();

        return max(0.0, $wait - $deadS);
    }

    private function drawn(float $clockH): float
    {
        if ($this->home === Home::Nobody) {
            return self::NOBODY;
        }
        foreach (self::DRAWN as [$until, $drawn]) {
            if ($clockH < $until) {
                return $drawn;
            }
        }

        return self::NOBODY;
    }
}

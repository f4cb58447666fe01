<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Codebook\RunsBy;
use Underpin\Dice;

/** On and off in turn; the share of the time that it is on follows the weather: what it needs on the day's mean it needs as a mean. */
final readonly class Thermostat implements Pattern
{
    private const LEAST_SHARE = 0.02;

    private const MOST_SHARE = 0.97;

    /** Each turn is longer or shorter than the last by up to so much of it. */
    private const CHANCE = 0.15;

    /** A cold room still lets in heat: what the weather moves of what a refrigerator needs. */
    private const COLD_FOLLOWS = 0.35;

    private const COLD_SPAN_F = 25.0;

    private float $periodS;

    private float $share;

    public function __construct(float $onS, float $offS, private RunsBy $by, private Weather $weather, private Dice $dice)
    {
        $this->periodS = max(1.0, $onS + $offS);
        $this->share = $onS / $this->periodS;
    }

    public function onS(float $atS): float
    {
        return $this->periodS * $this->shareAt($atS) * $this->chance();
    }

    public function offS(float $atS): float
    {
        return $this->periodS * (1 - $this->shareAt($atS)) * $this->chance();
    }

    /** What was dead for long asks at once; after a flicker it goes on with its turn. */
    public function backS(float $atS, float $deadS): float
    {
        return $deadS >= $this->periodS / 2 || $this->dice->next() < $this->shareAt($atS) ? 0.0 : $this->offS($atS) * $this->dice->next();
    }

    private function shareAt(float $atS): float
    {
        $out = $this->weather->atF($atS);
        $mean = $this->weather->meanF;
        $factor = $this->by === RunsBy::Heat
            ? max(0.0, Weather::COMFORT_F - $out) / max(1.0, Weather::COMFORT_F - $mean)
            : 1 + self::COLD_FOLLOWS * ($out - $mean) / self::COLD_SPAN_F;

        return min(self::MOST_SHARE, max(self::LEAST_SHARE, $this->share * $factor));
    }

    private function chance(): float
    {
        return $this->dice->between(1 - self::CHANCE, 1 + self::CHANCE);
    }
}

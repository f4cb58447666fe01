<?php

declare(strict_types=1);

namespace Underpin\Outage\House;

use Underpin\Codebook\DayAtHome;
use Underpin\Dice;
use Underpin\Job\Season;

/** On while it is dark and somebody is awake at home. */
final readonly class Lamps implements Pattern
{
    /** hour at which it is light, and dark */
    private const LIGHT = ['winter' => [7.5, 16.75], 'summer' => [5.5, 20.5]];

    private const SOON_S = 900.0;

    public function __construct(private Season $season, private Home $home, private Weather $weather, private Dice $dice)
    {
    }

    public function onS(float $atS): float
    {
        $clock = $this->weather->clockH($atS);
        [$light] = self::LIGHT[$this->season->value];
        $until = $clock < $light ? $light : DayAtHome::SLEEPS_H;

        return max(60.0, ($until - $clock) * 3600 + $this->dice->between(-self::SOON_S, self::SOON_S));
    }

    public function offS(float $atS): float
    {
        if ($this->home === Home::Nobody) {
            return INF;
        }
        $next = $atS + $this->dice->between(60, 120);
        while (($hours = $this->hoursUntilWanted($this->weather->clockH($next))) > 0) {
            $next += $hours * 3600 + $this->dice->between(0, self::SOON_S);
        }

        return $next - $atS;
    }

    public function backS(float $atS, float $deadS): float
    {
        return $this->offS($atS);
    }

    /** Hours that nobody wants light, as far as can be told at once: until somebody is awake, or until it is dark. */
    private function hoursUntilWanted(float $clockH): float
    {
        [$light, $dark] = self::LIGHT[$this->season->value];

        return $clockH >= $light && $clockH < $dark ? $dark - $clockH : (float) $this->home->hoursUntilAwake($clockH);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Outage\Machine;

use Underpin\Codebook\Alternators;
use Underpin\Limit;

/**
 * A machine that slows down while little is on: a large start finds it slow, with a part of its power, and it needs seconds to come up.
 * Good practice: below a quarter of the running limit it idles, and gives half until it is up.
 */
final class IdleMode implements Protection
{
    private const AFTER_S = 0.3;

    private const COMES_UP_S = 4.0;

    private bool $isSlow = true;

    private float $overS = INF;

    private float $upS = INF;

    public function __construct(private readonly float $runAmps)
    {
    }

    public function carry(float $atS, float $aAmps, float $bAmps): void
    {
        $worst = max($aAmps, $bAmps);
        if ($atS >= $this->upS) {
            $this->isSlow = false;
            $this->upS = INF;
        }
        $isLittle = $worst < $this->runAmps * Alternators::IDLES_BELOW;
        if ($isLittle) {
            $this->isSlow = true;
            $this->upS = INF;
        } elseif ($this->isSlow && ! is_finite($this->upS)) {
            $this->upS = $atS + self::COMES_UP_S;
        }
        $this->overS = $this->isSlow && Limit::over($worst, $this->runAmps * Alternators::IDLE_GIVES) ? min($this->overS, $atS) : INF;
    }

    public function actsAtS(): float
    {
        $acts = $this->overS + self::AFTER_S;

        return $acts < $this->upS ? $acts : INF;
    }

    public function putBack(float $atS): void
    {
        $this->isSlow = true;
        $this->overS = $this->upS = INF;
    }

    public function trip(): Trip
    {
        return Trip::Stall;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Outage\Machine;

use Underpin\Limit;

/** An engine with a wound alternator: a start above its peak takes its speed, and it stands still within a moment. Good practice. */
final class Stalling implements Protection
{
    private const AFTER_S = 0.3;

    private float $sinceS = INF;

    public function __construct(private readonly float $peakAmps)
    {
    }

    public function carry(float $atS, float $aAmps, float $bAmps): void
    {
        $this->sinceS = Limit::over(max($aAmps, $bAmps), $this->peakAmps) ? min($this->sinceS, $atS) : INF;
    }

    public function actsAtS(): float
    {
        return $this->sinceS + self::AFTER_S;
    }

    public function putBack(float $atS): void
    {
        $this->sinceS = INF;
    }

    public function trip(): Trip
    {
        return Trip::Stall;
    }
}

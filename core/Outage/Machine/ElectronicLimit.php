<?php

declare(strict_types=1);

namespace Underpin\Outage\Machine;

use Underpin\Limit;

/** Electronics: above what they give for a moment they switch off at once; above what they carry for hours after some seconds. */
final class ElectronicLimit implements Protection
{
    /** Good practice, where the manual does not say for how long the peak is given. */
    public const USUAL_S = 5.0;

    private float $sinceS = INF;

    private bool $isAtOnce = false;

    private float $atS = 0.0;

    /** @param  float  $peakS  seconds for which it gives its peak */
    public function __construct(private readonly float $runAmps, private readonly float $peakAmps, private readonly float $peakS)
    {
    }

    public function carry(float $atS, float $aAmps, float $bAmps): void
    {
        $worst = max($aAmps, $bAmps);
        $this->atS = $atS;
        $this->isAtOnce = Limit::over($worst, $this->peakAmps);
        $this->sinceS = Limit::over($worst, $this->runAmps) ? min($this->sinceS, $atS) : INF;
    }

    public function actsAtS(): float
    {
        return $this->isAtOnce ? $this->atS : $this->sinceS + $this->peakS;
    }

    public function putBack(float $atS): void
    {
        $this->carry($atS, 0.0, 0.0);
    }

    public function trip(): Trip
    {
        return Trip::Electronic;
    }
}

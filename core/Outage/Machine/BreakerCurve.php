<?php

declare(strict_types=1);

namespace Underpin\Outage\Machine;

/**
 * A thermal-magnetic breaker: what flows heats its strip by the square of the current, the strip cools by itself, and at about 105 % for
 * good it opens; a start is over before it is warm. The time constant makes it open after about a minute and a half at twice its rating
 * from cold, within the two minutes of UL 489 for 30 A and less. At ten times the rating it opens at once.
 */
final class BreakerCurve implements Protection
{
    private const CONSTANT_S = 280.0;

    /** of the rating, for good */
    private const HOLDS = 1.05;

    private const AT_ONCE = 10.0;

    private float $sinceS = 0.0;

    /** warmth of the strip, 1 at the rating for good; of the leg that is warmer */
    private float $warm = 0.0;

    /** towards which it goes */
    private float $towards = 0.0;

    private float $load = 0.0;

    public function __construct(private readonly float $ratedAmps)
    {
    }

    public function carry(float $atS, float $aAmps, float $bAmps): void
    {
        $this->warm = $this->warmAt($atS);
        $this->sinceS = $atS;
        $this->load = max($aAmps, $bAmps) / $this->ratedAmps;
        $this->towards = $this->load ** 2;
    }

    public function actsAtS(): float
    {
        $opens = self::HOLDS ** 2;

        return match (true) {
            $this->load >= self::AT_ONCE, $this->warm >= $opens => $this->sinceS,
            $this->towards <= $opens => INF,
            default => $this->sinceS + self::CONSTANT_S * log(($this->towards - $this->warm) / ($this->towards - $opens)),
        };
    }

    public function putBack(float $atS): void
    {
        $this->carry($atS, 0.0, 0.0);
        $this->warm = min($this->warm, 1.0);
    }

    public function trip(): Trip
    {
        return Trip::Breaker;
    }

    private function warmAt(float $atS): float
    {
        return $this->towards + ($this->warm - $this->towards) * exp(-($atS - $this->sinceS) / self::CONSTANT_S);
    }
}

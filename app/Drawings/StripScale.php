<?php

declare(strict_types=1);

namespace App\Drawings;

use Underpin\Drawing\LegStrip;

/** Amperes of the leg strip as shares of its width. */
final readonly class StripScale
{
    public function __construct(private LegStrip $strip)
    {
    }

    public function pct(float $amps): string
    {
        return round(100 * min($amps, $this->strip->scaleAmps) / $this->strip->scaleAmps, 2).'%';
    }

    /** The part between running and the worst start. */
    public function spanPct(float $from, float $to): string
    {
        return round(
            100 * max(0.0, min($to, $this->strip->scaleAmps) - min($from, $this->strip->scaleAmps)) / $this->strip->scaleAmps, 2,
        ).'%';
    }

    /** On which side of its tick a label stands: the first one before it, the others after it. */
    public function anchor(int $place, float $amps): string
    {
        return $place === 0 && $amps / $this->strip->scaleAmps > 0.3 ? 'end' : 'start';
    }
}

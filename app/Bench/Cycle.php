<?php

declare(strict_types=1);

namespace App\Bench;

use Underpin\Legs\Leg;

/** A load that cycles by whole seconds, for both ways of acting an outage out. */
final readonly class Cycle
{
    /** times that a start draws of what it runs at */
    public const STARTS = 4;

    public float $amps;

    public function __construct(public Leg $leg, public float $watts, public int $onS, public int $offS, public int $fromS)
    {
        $this->amps = $watts / $leg->volts();
    }

    /** The same, so many times as slow. */
    public function slower(int $times): self
    {
        return new self($this->leg, $this->watts, $this->onS * $times, $this->offS * $times, $this->fromS * $times);
    }
}

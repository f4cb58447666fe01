<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Job\Machine;
use Underpin\Job\Rating;

/**
 * About what a machine drives into a fault in the first cycles: a wound alternator its amperes over its subtransient reactance,
 * electronics hardly more than their rating. Good practice; NEC 2023 110.9, 110.10.
 */
final readonly class FaultCurrent
{
    /** per unit, where the plate is silent: between five and eight times full load */
    public const USUAL_REACTANCE_PU = 0.15;

    private const INVERTER_TIMES = 2.0;

    private function __construct(public float $amps, public bool $isUsual)
    {
    }

    public static function of(Machine $machine): self
    {
        $kva = $machine->plate->kva;
        $runW = max(0.0, ...array_map(fn (Rating $rating): float => $rating->runW, $machine->ratings));
        $rated = $machine->plate->amps ?? ($kva === null ? $runW : $kva * 1000) / $machine->volts;
        if ($machine->form->isInverter()) {
            return new self($rated * self::INVERTER_TIMES, true);
        }
        $reactance = $machine->plate->reactancePu;

        return new self($rated / ($reactance ?? self::USUAL_REACTANCE_PU), $reactance === null);
    }
}

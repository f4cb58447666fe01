<?php

declare(strict_types=1);

namespace Underpin\Fuel;

use Underpin\Codebook\GasPipes;

/** A gas that comes through a pipe. */
enum PipedGas: string
{
    case Natural = 'natural';
    case Propane = 'propane';

    /** Cr of the low-pressure formula. */
    public function constant(): float
    {
        return $this === self::Natural ? GasPipes::CR_NATURAL : GasPipes::CR_PROPANE;
    }

    public function btuPerFt3(): float
    {
        return $this === self::Natural ? GasPipes::BTU_PER_FT3_NATURAL : GasPipes::BTU_PER_FT3_PROPANE;
    }

    /** Where the pipe that is reckoned begins. */
    public function begins(): string
    {
        return match ($this) {
            self::Natural => 'the meter',
            self::Propane => 'the last regulator',
        };
    }
}

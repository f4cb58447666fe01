<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use App\Devices\Instrument;
use App\Devices\Instruments;
use Underpin\Checklist\Instrument as Kind;
use Underpin\Design\Design;
use Underpin\StandIn\Plant;

/** Instruments for a desk without any: all held to the machine and the house of the design. */
final class StandInInstruments implements Instruments
{
    public function of(Kind $kind, Design $design, array $faults): Instrument
    {
        return new StandInInstrument($kind, Plant::of($design, $faults));
    }
}

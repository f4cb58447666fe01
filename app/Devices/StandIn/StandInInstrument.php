<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use App\Devices\Instrument;
use Underpin\Checklist\Instrument as Kind;
use Underpin\Checklist\Probe;
use Underpin\StandIn\Plant;

/** Stands in for one instrument: it is held to a plant that is worked out, and shows what it would show, to a tenth. */
final readonly class StandInInstrument implements Instrument
{
    public function __construct(private Kind $kind, private ?Plant $plant)
    {
    }

    public function read(Probe $probe): ?float
    {
        $value = $probe->quantity->instrument() === $this->kind ? $this->plant?->read($probe) : null;

        return $value === null ? null : round($value, 1);
    }
}

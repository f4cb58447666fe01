<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What a load calculation is given: the same for the command and for the worksheet of a job. */
final readonly class DemandInputs
{
    /** @param  ?float  $peakVa  needed for "measured" */
    public function __construct(
        public DemandMethod $method,
        public float $volts = 240.0,
        public Dwelling $dwelling = new Dwelling,
        public ?float $peakVa = null,
        public float $newLoadVa = 0.0,
    ) {
    }
}

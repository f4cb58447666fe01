<?php

declare(strict_types=1);

namespace App\Devices;

use Underpin\Checklist\Instrument as Kind;
use Underpin\Design\Design;
use Underpin\StandIn\Fault;

/** The instruments that are at hand on a job. */
interface Instruments
{
    /** @param  list<Fault>  $faults  what is wrong with what they are held to, where that can be set */
    public function of(Kind $kind, Design $design, array $faults): Instrument;
}

<?php

declare(strict_types=1);

namespace App\Devices;

use Underpin\Checklist\Probe;

/** An instrument that can be asked for a reading: a multimeter, the controller of a generator, a manometer, a clamp, a thermometer. */
interface Instrument
{
    /** In the unit of the quantity; null: it does not read that, or nothing of it is here. */
    public function read(Probe $probe): ?float;
}

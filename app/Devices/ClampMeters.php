<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\Job;

/** Finds the clamp meter that is on the mains of a job. Bound in the container: a real one takes the place of the stand-in there. */
interface ClampMeters
{
    public function at(Job $job): ClampMeter;
}

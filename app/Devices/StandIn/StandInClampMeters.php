<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

use App\Devices\ClampMeters;
use App\JobFile\JobRows;
use App\Models\Job;
use Underpin\Job\Job as JobFile;

/** A stand-in at every job: it reads the house that is drawn from the job's load list. */
final class StandInClampMeters implements ClampMeters
{
    public function at(Job $job): StandInClampMeter
    {
        return StandInClampMeter::of($job, fn (): JobFile => JobRows::read($job));
    }
}

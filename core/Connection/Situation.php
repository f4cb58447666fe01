<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Job;
use Underpin\Loads\Plan;
use Underpin\Service\Distribution;
use Underpin\Sizing\Supply;

/** What a way of connecting is judged on: the job as it is sized, and what has been worked out of it. */
final readonly class Situation
{
    /** @param  ?Supply  $supply  null: no machine is picked */
    public function __construct(public Job $job, public Plan $plan, public Distribution $distribution, public ?Supply $supply)
    {
    }
}

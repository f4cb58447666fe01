<?php

declare(strict_types=1);

namespace Underpin\Fuel;

use Underpin\Job\Fuel;
use Underpin\Job\Job;
use Underpin\Job\Machine;
use Underpin\Loads\Plan;
use Underpin\Sizing\Fit;
use Underpin\Sizing\Supply;
use Underpin\Sizing\Verdict;

/** The machine of a job on one of its fuels, beside the others. */
final readonly class FuelChoice
{
    private function __construct(public Fuel $fuel, public FuelPlan $plan, public Verdict $verdict, public ?bool $isHere)
    {
    }

    /** @return list<self> in the order of its plate */
    public static function of(Machine $machine, Plan $plan, Job $job): array
    {
        $choices = [];
        foreach ($machine->ratings as $rating) {
            $fit = Fit::of($plan, new Supply($machine, $rating->fuel, $job->site), $job->generator->marginPct);
            $priced = $rating->fuel === $job->generator->fuel ? $job : $job->with($job->fuelKept->unpriced());
            $choices[] = new self($rating->fuel, FuelPlan::of($fit, $priced), $fit->verdict, $job->site->has($rating->fuel));
        }

        return $choices;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Connection\Connections;
use Underpin\Connection\ConnectionVerdict;
use Underpin\JobFile\JobFile;
use Underpin\Loads\Plan;
use Underpin\Refused;
use Underpin\Service\Chain;
use Underpin\Sizing\Fit;
use Underpin\Wiring\WirePlan;

/** A job with everything that checks look at, worked out once. */
final readonly class Facts
{
    /** the job with the figures that sizing uses: listed, measured or calculated */
    public JobFile $sized;

    public Chain $chain;

    public Plan $plan;

    public ?Fit $fit;

    public ?ConnectionVerdict $connection;

    public ?WirePlan $wire;

    /** why there is no wire plan although machine and connection are picked */
    public ?Refused $wireRefused;

    public function __construct(public JobFile $job)
    {
        $this->sized = $job->asSized();
        $this->chain = $job->chain();
        $this->plan = Plan::of($this->sized);
        $this->fit = $job->supply === null ? null : Fit::of($this->plan, $job->supply, $job->marginPct);
        $this->connection = $job->connection === null ? null : Connections::verdict($this->sized, $job->connection);
        [$this->wire, $this->wireRefused] = self::wirePlan($this->sized);
    }

    /** @return array{?WirePlan, ?Refused} */
    private static function wirePlan(JobFile $job): array
    {
        if ($job->supply === null || $job->connection === null) {
            return [null, null];
        }
        try {
            return [WirePlan::of($job, $job->supply, $job->connection), null];
        } catch (Refused $refused) {
            return [null, $refused];
        }
    }
}

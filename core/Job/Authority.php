<?php

declare(strict_types=1);

namespace Underpin\Job;

/** Who decides on this job, and by which rules. */
final readonly class Authority
{
    /** @param  string  $profile  key of the profile that the rules were taken from; empty: none */
    public function __construct(public LocalRules $rules = new LocalRules, public string $profile = '')
    {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What is noted of a step on the way to the day: how long it takes here, begun, done. Empty or null: not noted. */
final readonly class StepNote
{
    /**
     * @param  string  $id  key of the step
     * @param  ?int  $days  that it takes here, other than as a rule
     * @param  string  $begunOn  ordered or asked, YYYY-MM-DD
     * @param  string  $doneOn  here, or granted
     */
    public function __construct(public string $id, public ?int $days = null, public string $begunOn = '', public string $doneOn = '')
    {
    }
}

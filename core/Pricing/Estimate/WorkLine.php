<?php

declare(strict_types=1);

namespace Underpin\Pricing\Estimate;

use Underpin\Assembly\Task;

/** A task of a job, how often or how many feet of it, and where. */
final readonly class WorkLine
{
    /**
     * @param  float  $quantity  over 0, in the unit of the task
     * @param  list<string>  $because  each place that it is for
     */
    public function __construct(public Task $task, public float $quantity, public array $because)
    {
    }

    /** The two as one line. */
    public function and(self $other): self
    {
        return new self($this->task, $this->quantity + $other->quantity, array_values(array_unique([...$this->because,
            ...$other->because])));
    }
}

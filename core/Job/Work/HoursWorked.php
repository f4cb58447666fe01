<?php

declare(strict_types=1);

namespace Underpin\Job\Work;

/** Hours that somebody worked on a task, on one day. */
final readonly class HoursWorked
{
    /** Nobody works longer in a day. */
    public const MOST_H = 24.0;

    /**
     * @param  string  $task  its word in a price book
     * @param  string  $on  YYYY-MM-DD
     * @param  string  $who  initials or name
     */
    public function __construct(public string $id, public string $task, public string $on, public string $who, public float $hours)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Keep;

/** What the hour meter of a machine showed on a day. */
final readonly class HourReading
{
    /** @param  string  $date  YYYY-MM-DD */
    public function __construct(public string $date, public float $hours)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Measure\Interval;

/** Values that are not there: from when, seconds since 1970 UTC, and how many. */
final readonly class Gap
{
    public function __construct(public int $from, public int $missing)
    {
    }
}

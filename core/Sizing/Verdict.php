<?php

declare(strict_types=1);

namespace Underpin\Sizing;

/** How a machine stands up to what must run, best first. */
enum Verdict: int
{
    case Holds = 1;
    case Tight = 2;
    case Unknown = 3;
    case Short = 4;

    /** The finding tone it is shown in. */
    public function tone(): string
    {
        return match ($this) {
            self::Holds => 'good',
            self::Tight => 'wrong',
            self::Unknown => 'advice',
            self::Short => 'danger',
        };
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job;

/** Which half of a space, in a tandem or a quad breaker: "12a" is the upper, "12b" the lower. */
enum Half: string
{
    case Upper = 'a';
    case Lower = 'b';

    public function words(): string
    {
        return $this === self::Upper ? 'a, upper' : 'b, lower';
    }

    public function other(): self
    {
        return $this === self::Upper ? self::Lower : self::Upper;
    }
}

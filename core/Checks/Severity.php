<?php

declare(strict_types=1);

namespace Underpin\Checks;

/** How bad a finding is, worst first. */
enum Severity: string
{
    case Danger = 'danger';
    case Wrong = 'wrong';
    case Advice = 'advice';

    public function rank(): int
    {
        return match ($this) {
            self::Danger => 0,
            self::Wrong => 1,
            self::Advice => 2,
        };
    }

    /** With a reason and a name; what is wrong or kills stands until it is mended. */
    public function canBeSetAside(): bool
    {
        return $this === self::Advice;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Stages;

/** How far a stage has come. */
enum Progress: string
{
    case Empty = 'empty';
    case Part = 'part';
    case Done = 'done';

    public function words(): string
    {
        return match ($this) {
            self::Empty => 'not begun',
            self::Part => 'part done',
            self::Done => 'done',
        };
    }

    public function isAtLeast(self $other): bool
    {
        return array_search($this, self::cases(), true) >= array_search($other, self::cases(), true);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

/** How far a stage has come. */
enum Reach: string
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
}

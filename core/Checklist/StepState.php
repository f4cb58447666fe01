<?php

declare(strict_types=1);

namespace Underpin\Checklist;

/** How a step stands. */
enum StepState: string
{
    case Open = 'open';
    case Done = 'done';

    /** its reading lies beyond its range */
    case Out = 'out';

    /** it said something else when it was done */
    case Changed = 'changed';

    public function words(): string
    {
        return match ($this) {
            self::Open => 'to do',
            self::Done => 'done',
            self::Out => 'out of range',
            self::Changed => 'asked again',
        };
    }
}

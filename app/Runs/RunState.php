<?php

declare(strict_types=1);

namespace App\Runs;

/** How far long work has come. */
enum RunState: string
{
    case Waiting = 'waiting';
    case Running = 'running';
    case Done = 'done';
    case Failed = 'failed';
    case Stopped = 'stopped';

    public function isOver(): bool
    {
        return $this !== self::Waiting && $this !== self::Running;
    }
}

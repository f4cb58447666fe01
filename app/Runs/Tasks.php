<?php

declare(strict_types=1);

namespace App\Runs;

use App\Intervals\ReadUtilityData;
use LogicException;

/** Every kind of long work. */
final class Tasks
{
    public static function named(string $key): Task
    {
        foreach ([new ReadUtilityData] as $task) {
            if ($task->key() === $key) {
                return $task;
            }
        }
        throw new LogicException("There is no task '$key'.");
    }
}

<?php

declare(strict_types=1);

namespace App\Runs;

use App\Documents\PrintedCard;
use App\Intervals\ReadUtilityData;
use App\Outages\ManyOutages;
use App\Photos\KeepPhoto;
use App\Recordings\ReadReadings;
use LogicException;

/** Every kind of long work: the registry that the worker and the pages follow. */
final readonly class Tasks
{
    /** @param  list<Task>  $tasks */
    public function __construct(private array $tasks)
    {
    }

    public static function standard(): self
    {
        return new self([new ReadUtilityData, new KeepPhoto, new PrintedCard, new ReadReadings, new ManyOutages]);
    }

    public function with(Task $task): self
    {
        return new self([...$this->tasks, $task]);
    }

    public function named(string $key): Task
    {
        foreach ($this->tasks as $task) {
            if ($task->key() === $key) {
                return $task;
            }
        }
        throw new LogicException("There is no task '$key'.");
    }
}

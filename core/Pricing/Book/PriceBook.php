<?php

declare(strict_types=1);

namespace Underpin\Pricing\Book;

use Underpin\Assembly\Task;

/** The prices of a shop. What it does not price has none; what it says no hours of takes the usual ones. */
final readonly class PriceBook
{
    /** @var array<string, PartPrice> by key of the part */
    private array $parts;

    /** @var array<string, TaskPrice> by task */
    private array $tasks;

    /**
     * @param  list<PartPrice>  $parts
     * @param  list<TaskPrice>  $tasks
     */
    public function __construct(array $parts = [], array $tasks = [], public Terms $terms = new Terms)
    {
        $byKey = $byTask = [];
        foreach ($parts as $part) {
            $byKey[PartPrice::key($part->part)] = $part;
        }
        foreach ($tasks as $task) {
            $byTask[$task->task->value] = $task;
        }
        $this->parts = $byKey;
        $this->tasks = $byTask;
    }

    /**
     * @param  ?string  $unit  that it is counted in; a price by another unit is no price of it
     * @return ?PartPrice null: the book does not have it
     */
    public function part(string $part, ?string $unit = null): ?PartPrice
    {
        $row = $this->parts[PartPrice::key($part)] ?? null;

        return $unit === null || $row?->unit === $unit ? $row : null;
    }

    /** The book has it, by another unit: that one; null: it has not. */
    public function otherUnit(string $part, string $unit): ?string
    {
        $row = $this->part($part);

        return $row === null || $row->unit === $unit ? null : $row->unit;
    }

    public function hours(Task $task): float
    {
        return ($this->tasks[$task->value] ?? null)->hours ?? $task->usualHours();
    }

    public function task(Task $task): TaskPrice
    {
        return $this->tasks[$task->value] ?? new TaskPrice($task);
    }
}

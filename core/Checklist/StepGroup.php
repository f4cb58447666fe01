<?php

declare(strict_types=1);

namespace Underpin\Checklist;

/** Steps under one heading. */
final readonly class StepGroup
{
    /** @param  non-empty-list<ChecklistStep>  $steps */
    public function __construct(public string $title, public array $steps, public int $done)
    {
    }

    public function isDone(): bool
    {
        return $this->done === count($this->steps);
    }
}

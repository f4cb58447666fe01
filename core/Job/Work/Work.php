<?php

declare(strict_types=1);

namespace Underpin\Job\Work;

/** The records of the work: steps that were done, and hours. */
final readonly class Work
{
    /** Key of the step by which papers and readings were handed over. */
    public const HANDED_OVER = 'folder';

    /**
     * @param  list<StepRecord>  $steps  at most one of a step
     * @param  list<HoursWorked>  $hours
     * @param  list<OwnRange>  $ranges  at most one of an id
     * @param  list<DryRun>  $dryRuns
     */
    public function __construct(public array $steps = [], public array $hours = [], public array $ranges = [], public array $dryRuns = [])
    {
    }

    /** Null: nothing is noted of that step. */
    public function step(string $key): ?StepRecord
    {
        foreach ($this->steps as $step) {
            if ($step->id === $key) {
                return $step;
            }
        }

        return null;
    }

    public function range(string $id): ?OwnRange
    {
        foreach ($this->ranges as $range) {
            if ($range->id === $id) {
                return $range;
            }
        }

        return null;
    }

    public function noting(StepRecord $record): self
    {
        return $this->with(steps: [...$this->without($record->id)->steps, $record]);
    }

    public function without(string $key): self
    {
        return $this->with(steps: array_values(array_filter($this->steps, fn (StepRecord $s): bool => $s->id !== $key)));
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}

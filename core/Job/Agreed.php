<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What is agreed of the days, and what was sent to whom. */
final readonly class Agreed
{
    /**
     * @param  string  $installOn  the day that was agreed for the work, YYYY-MM-DD; empty: none yet
     * @param  list<StepNote>  $steps
     * @param  list<SentPaper>  $sent
     */
    public function __construct(public string $installOn = '', public array $steps = [], public array $sent = [])
    {
    }

    public function step(string $id): StepNote
    {
        foreach ($this->steps as $step) {
            if ($step->id === $id) {
                return $step;
            }
        }

        return new StepNote($id);
    }

    public function noting(StepNote $step): self
    {
        $others = array_values(array_filter($this->steps, fn (StepNote $each): bool => $each->id !== $step->id));
        $isEmpty = $step->days === null && $step->begunOn === '' && $step->doneOn === '';

        return new self($this->installOn, [...$others, ...$isEmpty ? [] : [$step]], $this->sent);
    }

    public function on(string $day): self
    {
        return new self($day, $this->steps, $this->sent);
    }

    /** @param  list<SentPaper>  $sent */
    public function sending(array $sent): self
    {
        return new self($this->installOn, $this->steps, $sent);
    }

    /** The last of its kind that was sent; null: none was. */
    public function lastSent(string $paper): ?SentPaper
    {
        foreach (array_reverse($this->sent) as $each) {
            if ($each->paper === $paper) {
                return $each;
            }
        }

        return null;
    }
}

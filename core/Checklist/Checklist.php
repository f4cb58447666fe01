<?php

declare(strict_types=1);

namespace Underpin\Checklist;

use LogicException;
use Underpin\Job\Work\StepRecord;
use Underpin\Job\Work\Work;
use Underpin\Refused;

/** The steps of one stage in their order, with what is noted of each. */
final readonly class Checklist
{
    /** @var array<string, StepState> by key */
    private array $states;

    /** @var array<string, ?ChecklistStep> by key, what each waits for */
    private array $waits;

    /** @param  list<ChecklistStep>  $steps */
    public function __construct(public array $steps, private Work $work)
    {
        $states = $waits = [];
        $held = null;
        foreach ($steps as $step) {
            $state = $step->state($work->step($step->key));
            if (isset($states[$step->key])) {
                throw new LogicException("Two steps have the key '$step->key'.");
            }
            $states[$step->key] = $state;
            $waits[$step->key] = $held;
            $held ??= $state === StepState::Out || ($step->holds && $state !== StepState::Done) ? $step : null;
        }
        $this->states = $states;
        $this->waits = $waits;
    }

    public function step(string $key): ?ChecklistStep
    {
        foreach ($this->steps as $step) {
            if ($step->key === $key) {
                return $step;
            }
        }

        return null;
    }

    public function state(ChecklistStep $step): StepState
    {
        return $this->states[$step->key];
    }

    public function record(ChecklistStep $step): ?StepRecord
    {
        return $this->work->step($step->key);
    }

    /** What must be done before it; null: it can be done. */
    public function waitsFor(ChecklistStep $step): ?ChecklistStep
    {
        return $this->waits[$step->key];
    }

    /** @throws Refused on "step" when something before it is not done */
    public function guard(ChecklistStep $step): void
    {
        $first = $this->waitsFor($step);
        if ($first !== null) {
            $why = $this->state($first) === StepState::Out ? 'its reading is out of range' : 'it is not done';
            throw new Refused('step', "This step waits for another one: \"$first->group: $first->text\"; $why.");
        }
    }

    /** The first that is not done; null: all are. */
    public function next(): ?ChecklistStep
    {
        foreach ($this->steps as $step) {
            if ($this->state($step) !== StepState::Done) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<ChecklistStep> that stand so */
    public function standing(StepState $state): array
    {
        return array_values(array_filter($this->steps, fn (ChecklistStep $s): bool => $this->state($s) === $state));
    }

    /** The day on which the last of its steps was done, YYYY-MM-DD; empty: not all of them are, or it has none. */
    public function doneOn(): string
    {
        $days = array_map(fn (ChecklistStep $s): string => substr($this->record($s)->at ?? '', 0, 10), $this->steps);

        return $days !== [] && $this->next() === null ? max($days) : '';
    }

    public function isBegun(): bool
    {
        return count($this->standing(StepState::Open)) < count($this->steps);
    }

    /** @return list<StepGroup> in their order */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->steps as $step) {
            $groups[$step->group][] = $step;
        }

        return array_map(
            fn (string $title, array $steps): StepGroup => new StepGroup($title, $steps, count(array_filter(
                $steps, fn (ChecklistStep $s): bool => $this->state($s) === StepState::Done,
            ))), array_map(strval(...), array_keys($groups)), array_values($groups),
        );
    }
}

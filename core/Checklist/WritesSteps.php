<?php

declare(strict_types=1);

namespace Underpin\Checklist;

use Underpin\Codebook\Source;
use Underpin\StageKey;

/** What every part of a list needs to write its steps. */
trait WritesSteps
{
    abstract protected function stage(): StageKey;

    /** The heading over its steps. */
    abstract protected function title(): string;

    final protected function step(
        string $key, StepKind $kind, string $text, string $why, Source $source, ?Reading $reading = null, string $caution = '',
        string $group = '',
    ): ChecklistStep {
        return new ChecklistStep(
            $key, $this->stage(), $kind, $group === '' ? $this->title() : $group, $text, $why, $source, $reading, false, $caution,
        );
    }

    /** Nothing after it is begun before it is done: somebody would be hurt, or what follows would say nothing. */
    final protected function holding(
        string $key, StepKind $kind, string $text, string $why, Source $source, ?Reading $reading = null, string $caution = '',
        string $group = '',
    ): ChecklistStep {
        return new ChecklistStep(
            $key, $this->stage(), $kind, $group === '' ? $this->title() : $group, $text, $why, $source, $reading, true, $caution,
        );
    }
}

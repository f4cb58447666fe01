<?php

declare(strict_types=1);

namespace Underpin\Prove;

use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Condition;
use Underpin\Checklist\Probe;
use Underpin\Checklist\Quantity;
use Underpin\Checklist\Reading;
use Underpin\Checklist\WritesSteps;
use Underpin\Codebook\Acceptance;
use Underpin\Form\Unit;
use Underpin\StageKey;

/** A part of the commissioning with its steps in order: a new one is one class more, and its place in ProveList. */
abstract class Section
{
    use WritesSteps;

    /** @return list<ChecklistStep> none: this machine, or this way, has nothing of it */
    abstract public function steps(Trial $trial): array;

    protected function stage(): StageKey
    {
        return StageKey::Prove;
    }

    /** @param  list<string>  $look */
    final protected function reading(
        Trial $trial, Acceptance $of, Unit $unit, Quantity $quantity, Condition $condition, string $means, array $look,
    ): Reading {
        return Reading::within($unit, $trial->range($of), $means, $look, new Probe($quantity, $condition));
    }
}

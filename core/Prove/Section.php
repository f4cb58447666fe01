<?php

declare(strict_types=1);

namespace Underpin\Prove;

use Underpin\Checklist\ChecklistStep;
use Underpin\Checklist\Condition;
use Underpin\Checklist\Probe;
use Underpin\Checklist\Quantity;
use Underpin\Checklist\Reading;
use Underpin\Checklist\StepKind;
use Underpin\Checklist\WritesSteps;
use Underpin\Codebook\Acceptance;
use Underpin\Codebook\Source;
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

    /** @return list<ChecklistStep> the pressure at the machine at one of the moments that count; none: it burns no gas from a pipe */
    final protected function gasPressure(Trial $trial, string $key, Condition $condition, string $when): array
    {
        $of = $trial->gas();

        return $of === null ? [] : [$this->holding(
            $key, StepKind::Test, "Gas pressure at the machine's own port, $when.", 'The nameplate of the machine governs.',
            new Source($of === Acceptance::NaturalGas ? 'NFPA 54' : 'NFPA 58', 'and the nameplate'), $this->reading(
                $trial, $of, Unit::InchesWater, Quantity::GasPressure, $condition,
                'The engine does not get its gas, or gets it with too much pressure: it starves when everything fires, or floods.',
                ['shut-offs fully open', 'size of the meter, for everything at once', 'regulator: setting, vent, capacity',
                    'size and length of the pipe, kinks of the flexible end', 'propane: cold and low tank'],
            ), caution: 'Gas work is the plumber\'s. Smell of gas: nothing is switched, everybody out, call from outside.',
        )];
    }
}

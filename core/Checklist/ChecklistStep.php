<?php

declare(strict_types=1);

namespace Underpin\Checklist;

use Underpin\Codebook\Source;
use Underpin\Job\Work\StepRecord;
use Underpin\Refused;
use Underpin\StageKey;

/** One step of the work: what is done, why, and what is read. */
final readonly class ChecklistStep
{
    /**
     * @param  string  $key  the same as long as it is about the same thing; unique among the steps of a job
     * @param  string  $group  the heading that it stands under
     * @param  string  $text  what is done, with the names and figures of this design
     * @param  ?Reading  $reading  null: nothing is read
     * @param  bool  $holds  nothing after it is begun before it is done
     * @param  string  $caution  what hurts here; empty: nothing more than everywhere
     * @param  ?string  $measures  id of the circuit whose running amperes are read; null: none
     */
    public function __construct(
        public string $key,
        public StageKey $stage,
        public StepKind $kind,
        public string $group,
        public string $text,
        public string $why,
        public Source $source,
        public ?Reading $reading = null,
        public bool $holds = false,
        public string $caution = '',
        public ?string $measures = null,
    ) {
    }

    /** @throws Refused on "value" or "label" when what the step asks for is not there */
    public function guard(StepRecord $record): void
    {
        $unit = $this->reading?->unit;
        if ($unit !== null && $record->value === null) {
            throw new Refused('value', "Reading: this step asks for a figure in $unit->value; nothing was given.");
        }
        if ($this->reading?->asksLabel() === true && $record->label === null) {
            throw new Refused('label', "By the label: the figure that stands on the part, in {$unit?->value}; nothing was given.");
        }
    }

    /** @param  ?StepRecord  $record  null: nothing is noted of it */
    public function state(?StepRecord $record): StepState
    {
        if ($record === null) {
            return StepState::Open;
        }
        $range = $this->reading?->rangeFor($record);
        if ($this->reading !== null && ($record->value === null || $range === null)) {
            return StepState::Open;
        }

        return match (true) {
            $range?->holds((float) $record->value) === false => StepState::Out,
            $record->said !== $this->text => StepState::Changed,
            default => StepState::Done,
        };
    }
}

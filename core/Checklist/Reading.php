<?php

declare(strict_types=1);

namespace Underpin\Checklist;

use Underpin\Codebook\TorqueTools;
use Underpin\Form\Unit;
use Underpin\Job\Work\StepRecord;

/** What is read in a step: its unit, between what it must lie, and what it means when it does not. */
final readonly class Reading
{
    /**
     * @param  ?Range  $range  null: the label on the part says, and is read on the spot
     * @param  string  $means  what a reading beyond it means
     * @param  list<string>  $look  what to look at then, the likeliest first
     * @param  ?Probe  $probe  null: no instrument gives it by itself
     */
    private function __construct(public Unit $unit, public ?Range $range, public string $means, public array $look, public ?Probe $probe)
    {
    }

    /** @param  list<string>  $look */
    public static function within(Unit $unit, Range $range, string $means, array $look, ?Probe $probe = null): self
    {
        return new self($unit, $range, $means, $look, $probe);
    }

    /** @param  ?float  $inLb  of the label, where it is known already */
    public static function torque(?float $inLb): self
    {
        return new self(
            Unit::InchPounds, $inLb === null ? null : Range::around($inLb, TorqueTools::OFF_PCT, 'the label'),
            'A loose terminal heats and burns; one that was turned too far has hurt its thread or the strands.',
            [
                'the figure and the unit on the label: in-lb, or ft-lb', 'the setting of the tool',
                'the conductor: stripped to the gauge, all strands in, of a size that the terminal takes',
                'beyond the figure: back off, look at thread and strands, make the end anew',
            ], null,
        );
    }

    /** The figure of the label is asked for with the reading. */
    public function asksLabel(): bool
    {
        return $this->range === null;
    }

    /** The range that a record is judged by; null: its label was not read. */
    public function rangeFor(?StepRecord $record): ?Range
    {
        return $this->range ?? ($record?->label === null ? null : Range::around($record->label, TorqueTools::OFF_PCT, 'the label'));
    }
}

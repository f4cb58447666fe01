<?php

declare(strict_types=1);

namespace Underpin\Measure;

use Underpin\Job\Circuit;

/** A step that was found, with the circuit it probably is. */
final readonly class Offer
{
    /**
     * @param  ?Mark  $mark  what was said near it
     * @param  ?Circuit  $circuit  the one that was named, or the likeliest; null: none fits
     */
    public function __construct(public Step $step, public ?Mark $mark, public ?Circuit $circuit)
    {
    }

    /** It was named, and answered on another leg than its space hangs on. */
    public function contradicts(): bool
    {
        return $this->mark?->circuitId !== null && $this->circuit !== null && $this->step->leg() !== $this->circuit->leg();
    }

    public function words(): string
    {
        return match (true) {
            $this->circuit === null => 'No circuit was named, and none in the list is like it.',
            $this->contradicts() => "{$this->circuit->title()} answered on {$this->step->leg()->words()}, but its space hangs on "
                    ."{$this->circuit->leg()->words()}: the label or the space is wrong, or the clamps are swapped.",
            $this->mark?->circuitId === null => "Nothing was marked. By leg and size it is like {$this->circuit->title()}.",
            default => "{$this->circuit->title()} answered on {$this->step->leg()->words()}, as its space says.",
        };
    }
}

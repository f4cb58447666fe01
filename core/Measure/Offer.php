<?php

declare(strict_types=1);

namespace Underpin\Measure;

use Underpin\Job\Circuit;
use Underpin\Say;

/** A step that was found, with the circuit it probably is. */
final readonly class Offer
{
    private const FAR = 1.5;

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

    /** What was measured, as a multiple of what the list says that the circuit runs at; null: the list has no figure. */
    public function share(): ?float
    {
        $listed = $this->circuit?->runAmps() ?? 0.0;

        return $listed > 0.0 ? $this->step->runAmps() / $listed : null;
    }

    /** Half as much again as the list says, or two thirds of it: one of the two is wrong, or something else hangs on it. */
    public function isFarOff(): bool
    {
        $share = $this->share();

        return $share !== null && ($share >= self::FAR || $share <= 1 / self::FAR);
    }

    /** Somebody named the circuit, it answered on the leg of its space, and runs at about what the list says. */
    public function agrees(): bool
    {
        return $this->mark?->circuitId !== null && $this->circuit !== null && ! $this->contradicts()
            && $this->share() !== null && ! $this->isFarOff();
    }

    /** How far it is from the list; empty: not far, or the list has no figure. */
    public function farWords(): string
    {
        return $this->isFarOff() ? sprintf(
            'Measured %s; the list says %s: %s times as much. A nameplate, or what else hangs on it, would tell.',
            Say::amps($this->step->runAmps()), Say::amps($this->circuit?->runAmps() ?? 0.0), number_format((float) $this->share(), 1),
        ) : '';
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

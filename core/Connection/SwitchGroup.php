<?php

declare(strict_types=1);

namespace Underpin\Connection;

use Underpin\Job\Circuit;

/** What goes on a multi-circuit switch together: a circuit alone, or the two halves of a multiwire one, that of leg A first. */
final readonly class SwitchGroup
{
    public function __construct(public Circuit $first, public ?Circuit $second = null)
    {
    }

    /** @return non-empty-list<Circuit> */
    public function circuits(): array
    {
        return $this->second === null ? [$this->first] : [$this->first, $this->second];
    }

    /** It takes two places side by side. */
    public function isWide(): bool
    {
        return $this->second !== null || $this->first->position->poles === 2;
    }

    /**
     * @param  array<array-key, int>  $given  place by id of the circuit
     * @return ?int the first place that it was given; null: none
     */
    public function asked(array $given): ?int
    {
        return match (true) {
            isset($given[$this->first->id]) => $given[$this->first->id],
            $this->second !== null && isset($given[$this->second->id]) => $given[$this->second->id] - 1,
            default => null,
        };
    }

    /** @return array<string, int> place by id of each circuit with a blank before it, from this place on */
    public function from(int $place): array
    {
        $places = [];
        foreach ($this->circuits() as $i => $circuit) {
            $places[" $circuit->id"] = $place + $i;
        }

        return $places;
    }
}

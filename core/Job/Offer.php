<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What is offered to the customer on this job. Null: not said. */
final readonly class Offer
{
    /** Ways that one quote sets beside each other. */
    public const MOST_WAYS = 3;

    /**
     * @param  list<string>  $besides  ways that are offered beside the one that is picked
     * @param  ?bool  $ownMachine  the customer has the machine, so that it is not in the price
     * @param  ?float  $permitUsd  fee of this authority; null: the shop's usual one
     * @param  ?float  $travelUsd  null: the shop's usual one
     * @param  list<Extra>  $extras
     */
    public function __construct(
        public array $besides = [],
        public ?bool $ownMachine = null,
        public ?float $permitUsd = null,
        public ?float $travelUsd = null,
        public string $note = '',
        public array $extras = [],
    ) {
    }

    /** @param  list<string>  $besides */
    public function offering(array $besides): self
    {
        return new self($besides, $this->ownMachine, $this->permitUsd, $this->travelUsd, $this->note, $this->extras);
    }

    /** @param  list<Extra>  $extras */
    public function with(array $extras): self
    {
        return new self($this->besides, $this->ownMachine, $this->permitUsd, $this->travelUsd, $this->note, $extras);
    }
}

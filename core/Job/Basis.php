<?php

declare(strict_types=1);

namespace Underpin\Job;

/** What sizing rests on. */
final readonly class Basis
{
    /**
     * @param  LoadBasis  $use  which of the three ways of knowing the loads sizing uses
     * @param  string  $reason  why that one
     * @param  ?DemandInputs  $demand  of the code's load calculation; null: not begun
     * @param  ?RecordedPeak  $recorded  peak of the utility's interval data; null: not brought in
     */
    public function __construct(
        public LoadBasis $use = LoadBasis::List,
        public string $reason = '',
        public ?DemandInputs $demand = null,
        public ?RecordedPeak $recorded = null,
    ) {
    }

    public function with(mixed ...$changes): self
    {
        /** @phpstan-ignore argument.type (the names and types are this class's own) */
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}

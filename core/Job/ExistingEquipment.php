<?php

declare(strict_types=1);

namespace Underpin\Job;

/** The answers about backup equipment that is there already. A question without an answer was not looked at. */
final readonly class ExistingEquipment
{
    /** @param  array<string, bool>  $found by the question's value: true when the fault is there */
    public function __construct(public array $found = [])
    {
    }

    public function answer(ExistingFault $fault): ?bool
    {
        return $this->found[$fault->value] ?? null;
    }

    public function with(ExistingFault $fault, ?bool $found): self
    {
        $answers = array_diff_key($this->found, [$fault->value => 0]);

        return new self($found === null ? $answers : [...$answers, $fault->value => $found]);
    }

    /** No equipment is there, so none of its faults; one that was found stays found until somebody says otherwise. */
    public function withNone(): self
    {
        $no = array_fill_keys(array_map(fn (ExistingFault $f): string => $f->value, ExistingFault::cases()), false);

        return new self([...$no, ...$this->found]);
    }

    /** @return list<ExistingFault> that are there */
    public function faults(): array
    {
        return array_values(array_filter(ExistingFault::cases(), fn (ExistingFault $f): bool => $this->answer($f) === true));
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Sizing\Turns;

/** Steps that a search may take: counted, not timed, so that every machine gives the same answer. */
final class Budget
{
    private int $left;

    public function __construct(int $steps)
    {
        $this->left = $steps;
    }

    public function spend(int $steps): void
    {
        $this->left -= $steps;
    }

    public function isSpent(): bool
    {
        return $this->left <= 0;
    }

    public function left(): int
    {
        return max(0, $this->left);
    }

    /** A part of what is left, taken out of it: give the rest back with spend(). */
    public function share(float $part): self
    {
        return new self((int) ceil($this->left() * $part));
    }
}

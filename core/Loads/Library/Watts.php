<?php

declare(strict_types=1);

namespace Underpin\Loads\Library;

/** Watts of a typical load by grade. */
final readonly class Watts
{
    public function __construct(public float $low, public float $usual, public float $high)
    {
    }

    public function at(Grade $grade): float
    {
        return match ($grade) {
            Grade::Low => $this->low,
            Grade::Usual => $this->usual,
            Grade::High => $this->high,
        };
    }

    /** The same in proportion: half the size, half the watts. */
    public function times(float $share): self
    {
        return new self($this->low * $share, $this->usual * $share, $this->high * $share);
    }
}

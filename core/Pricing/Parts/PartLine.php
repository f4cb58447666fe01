<?php

declare(strict_types=1);

namespace Underpin\Pricing\Parts;

use Underpin\Assembly\Part;
use Underpin\Assembly\PartKind;

/** One line of the parts list: what, how many, and where each of them is. */
final readonly class PartLine
{
    /**
     * @param  float  $quantity  over 0, in $unit
     * @param  string  $unit  "each", "ft", or what it is sold in
     * @param  list<string>  $because  each place that it is for
     */
    public function __construct(
        public PartKind $kind, public string $part, public float $quantity, public string $unit, public array $because,
    ) {
    }

    public static function each(Part $part, string $because, int $count = 1): self
    {
        return new self($part->kind, $part->words, (float) $count, 'each', [$because]);
    }

    /** The two as one line. */
    public function and(self $other): self
    {
        return new self(
            $this->kind, $this->part, $this->quantity + $other->quantity, $this->unit,
            array_values(array_unique([...$this->because, ...$other->because])),
        );
    }
}

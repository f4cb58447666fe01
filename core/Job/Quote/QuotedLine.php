<?php

declare(strict_types=1);

namespace Underpin\Job\Quote;

use Underpin\Money;

/** A line of a quote as it was handed over. */
final readonly class QuotedLine
{
    /**
     * @param  string  $key  the same line in another revision has the same
     * @param  float  $quantity  in $unit
     * @param  Money  $price  of all of it, before tax
     * @param  ?float  $hours  of work that it counts; null: it is no work, or was handed over before that was kept
     */
    public function __construct(
        public LineKind $kind, public string $key, public string $words, public float $quantity, public string $unit, public Money $price,
        public ?float $hours = null,
    ) {
    }

    /** What makes it the same line in another list. */
    public function id(): string
    {
        return "{$this->kind->value} $this->key";
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** The generator's breaker at the house. Null: not known. */
final readonly class BreakerFacts
{
    public function __construct(
        public ?float $amps = null,
        public ?int $poles = null,
        public ?bool $heldDown = null,
        public bool $none = false,
    ) {
    }

    /** There is none. */
    public static function none(): self
    {
        return new self(none: true);
    }
}

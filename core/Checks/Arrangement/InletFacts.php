<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** Where the cord goes in. Null: not known. */
final readonly class InletFacts
{
    public function __construct(
        public ?float $amps = null,
        public ?bool $wetRated = null,
        public ?bool $maleRecessed = null,
        public ?bool $onSidingOnly = null,
        public bool $none = false,
    ) {
    }

    /** There is none. */
    public static function none(): self
    {
        return new self(none: true);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

use Underpin\Codebook\ConductorSize;

/** The cord from the machine's outlet. Null: not known. */
final readonly class CordFacts
{
    public function __construct(
        public ?CordEnds $ends = null,
        public ?ConductorSize $size = null,
        public ?float $amps = null,
        public ?float $lengthFt = null,
        public ?bool $ground = null,
        public bool $none = false,
    ) {
    }

    /** There is none. */
    public static function none(): self
    {
        return new self(none: true);
    }
}

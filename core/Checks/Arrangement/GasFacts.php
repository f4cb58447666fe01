<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** The gas pipe and the meter. Null: not known. */
final readonly class GasFacts
{
    public function __construct(
        public ?float $pipeBtuh = null,
        public ?float $loadBtuh = null,
        public ?float $meterBtuh = null,
        public ?float $meterLoadBtuh = null,
        public bool $none = false,
    ) {
    }

    /** There is none. */
    public static function none(): self
    {
        return new self(none: true);
    }
}

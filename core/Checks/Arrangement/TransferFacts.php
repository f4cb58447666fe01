<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** What keeps the sources apart. Null: not known. */
final readonly class TransferFacts
{
    public function __construct(
        public ?float $amps = null,
        public ?bool $serviceRated = null,
        public ?bool $switchesNeutral = null,
        public ?bool $atService = null,
        public ?float $serviceAmps = null,
        public ?float $fullLoadW = null,
        public ?bool $sheds = null,
        public ?bool $splicesInPanel = null,
        public ?bool $neutralsMoved = null,
        public ?bool $afciKept = null,
        public ?float $circuitMostAmps = null,
        public ?float $largestMovedAmps = null,
        public ?bool $electrode = null,
        public bool $none = false,
    ) {
    }

    /** There is none. */
    public static function none(): self
    {
        return new self(none: true);
    }
}

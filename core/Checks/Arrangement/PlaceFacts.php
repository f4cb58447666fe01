<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** Where the machine stands. Null: not known. */
final readonly class PlaceFacts
{
    public function __construct(
        public ?bool $isStandby = null,
        public ?float $houseFt = null,
        public ?float $openingFt = null,
        public ?float $combustibleFt = null,
        public ?float $fireTestedFt = null,
        public ?bool $indoors = null,
        public ?bool $level = null,
        public ?float $serviceFt = null,
        public ?bool $aboveFloodAndSnow = null,
        public ?bool $otherSourceConnected = null,
        public ?bool $coAlarm = null,
        public ?bool $outsideStop = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job\Machine;

/** Hours between services by the machine's own manual. Null: not known, and good practice counts. */
final readonly class ServiceIntervals
{
    public function __construct(
        public ?float $firstOilH = null,
        public ?float $oilH = null,
        public ?float $airFilterH = null,
        public ?float $plugsH = null,
        public ?float $valvesH = null,
    ) {
    }
}

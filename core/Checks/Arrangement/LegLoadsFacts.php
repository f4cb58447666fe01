<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** What is planned on the legs. Null: not known. */
final readonly class LegLoadsFacts
{
    public function __construct(
        public ?float $aAmps = null,
        public ?float $bAmps = null,
        public ?float $startPeakAmps = null,
    ) {
    }
}

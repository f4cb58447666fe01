<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

/** The machine as the arrangement knows it. Null: not known. */
final readonly class GeneratorFacts
{
    public function __construct(
        public ?float $outletAmps = null,
        public ?int $outletVolts = null,
        public ?bool $bonded = null,
        public ?bool $gfci = null,
        public ?float $runW = null,
        public ?float $surgeW = null,
        public ?float $nameplateAmps = null,
        public ?bool $listed = null,
        public ?bool $ownBreaker = null,
    ) {
    }
}

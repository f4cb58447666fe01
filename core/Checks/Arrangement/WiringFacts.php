<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\Material;

/** The fixed conductors from inlet or machine to the house. Null: not known. */
final readonly class WiringFacts
{
    public function __construct(
        public ?ConductorSize $size = null,
        public ?Material $material = null,
        public ?int $terminalC = null,
        public ?float $lengthFt = null,
        public ?RunMethod $method = null,
        public ?bool $wet = null,
        public ?bool $controlWithPower = null,
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

<?php

declare(strict_types=1);

namespace Underpin\Wiring;

use Underpin\Codebook\AmbientFactors;
use Underpin\Codebook\BreakerSizes;
use Underpin\Codebook\BundlingFactors;
use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\ConductorTable;
use Underpin\Codebook\Material;
use Underpin\Refused;

/**
 * What a conductor may carry where it is laid, and the largest breaker ahead of it.
 * NEC 2023 310.16, 310.15(B)(1), 310.15(C)(1), 110.14(C), 240.4(B), 240.4(D), 240.6(A).
 */
final readonly class Ampacity
{
    private function __construct(
        /** Table 310.16 at the insulation's own column, amperes */
        public float $tableAmps,
        /** after ambient and bundling, amperes */
        public float $adjustedAmps,
        /** not more than the terminals' column of the table, amperes */
        public float $usableAmps,
        /** amperes */
        public int $maxBreakerAmps,
    ) {
    }

    /**
     * @param  int  $insulationC  60, 75 or 90
     * @param  int  $terminalC  60 or 75
     * @param  int  $currentCarrying  conductors in the raceway or cable
     *
     * @throws Refused on "size", "ambient_c" or "current_carrying"
     */
    public static function of(
        Material $material,
        ConductorSize $size,
        int $insulationC,
        int $terminalC,
        float $ambientC = 30.0,
        int $currentCarrying = 3,
    ): self {
        $table = ConductorTable::ampacity($material, $size, $insulationC);
        $adjusted = $table * AmbientFactors::factor($ambientC, $insulationC) * BundlingFactors::factor($currentCarrying);
        $usable = min($adjusted, ConductorTable::ampacity($material, $size, $terminalC));
        $breaker = BreakerSizes::atOrAbove($usable);

        return new self($table, $adjusted, $usable, min($breaker, BreakerSizes::smallConductorLimit($material, $size) ?? $breaker));
    }
}

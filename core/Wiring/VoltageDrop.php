<?php

declare(strict_types=1);

namespace Underpin\Wiring;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\ConductorTable;
use Underpin\Codebook\DropLimits;
use Underpin\Codebook\Material;
use Underpin\Refused;

/**
 * Voltage lost along a single-phase run of two current-carrying conductors:
 * 2 × R × I × length / 1000 / sets, R from NEC 2023 Chapter 9 Table 8.
 */
final readonly class VoltageDrop
{
    private function __construct(
        public float $dropV,
        public float $dropPct,
        /** never below 0 */
        public float $endV,
        /** one way, feet; null when nothing flows */
        public ?float $longestFtAt3Pct,
    ) {
    }

    /**
     * @param  float  $lengthFt  one way
     * @param  int  $sets  conductors in parallel for each leg
     *
     * @throws Refused on a negative length or current, volts of 0, fewer than one set, or "size"
     */
    public static function along(
        Material $material,
        ConductorSize $size,
        float $lengthFt,
        float $amps,
        float $volts,
        int $sets = 1,
    ): self {
        foreach (['length_ft' => $lengthFt, 'amps' => $amps] as $field => $value) {
            if ($value < 0) {
                throw new Refused($field, "$field must not be below 0.");
            }
        }
        if ($volts <= 0) {
            throw new Refused('volts', 'volts must be over 0.');
        }
        if ($sets < 1) {
            throw new Refused('sets', 'sets must be at least 1.');
        }
        $perFoot = 2 * ConductorTable::ohmsPer1000Ft($material, $size) * $amps / 1000 / $sets;
        $drop = $perFoot * $lengthFt;

        return new self(
            $drop,
            100 * $drop / $volts,
            max(0.0, $volts - $drop),
            $perFoot > 0 ? DropLimits::RECOMMENDED_PCT / 100 * $volts / $perFoot : null,
        );
    }
}

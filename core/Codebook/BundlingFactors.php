<?php

declare(strict_types=1);

namespace Underpin\Codebook;

use Underpin\Refused;

/** NEC 2023 Table 310.15(C)(1): adjustment for more than three current-carrying conductors. */
final class BundlingFactors
{
    /** conductors up to => factor */
    private const STEPS = [3 => 1.0, 6 => 0.80, 9 => 0.70, 20 => 0.50, 30 => 0.45, 40 => 0.40];

    private const MORE = 0.35;

    /** @throws Refused on "current_carrying" below 1 */
    public static function factor(int $currentCarrying): float
    {
        if ($currentCarrying < 1) {
            throw new Refused('current_carrying', 'current_carrying must be at least 1.');
        }
        foreach (self::STEPS as $upTo => $factor) {
            if ($currentCarrying <= $upTo) {
                return $factor;
            }
        }

        return self::MORE;
    }
}

<?php

declare(strict_types=1);

namespace Underpin;

/**
 * Comparisons with a limit. Products of decimal fractions miss round numbers by a hair
 * (50 × 0.75 × 0.8), so every comparison with a limit allows 1e-9 of slack.
 */
final class Limit
{
    public const SLACK = 1e-9;

    public static function within(float $value, float $limit): bool
    {
        return $value <= $limit + self::SLACK;
    }

    public static function over(float $value, float $limit): bool
    {
        return ! self::within($value, $limit);
    }
}

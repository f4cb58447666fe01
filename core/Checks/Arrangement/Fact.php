<?php

declare(strict_types=1);

namespace Underpin\Checks\Arrangement;

use Underpin\Limit;

/**
 * Conditions on facts that may be missing: true and false where the given facts decide, null where they do not. One part of
 * an "and" that is false decides it, one part of an "or" that is true does.
 */
final class Fact
{
    public static function all(?bool ...$parts): ?bool
    {
        return match (true) {
            in_array(false, $parts, true) => false,
            in_array(null, $parts, true) => null,
            default => true,
        };
    }

    public static function any(?bool ...$parts): ?bool
    {
        return match (true) {
            in_array(true, $parts, true) => true,
            in_array(null, $parts, true) => null,
            default => false,
        };
    }

    public static function not(?bool $part): ?bool
    {
        return $part === null ? null : ! $part;
    }

    /** The first is above the second. */
    public static function over(?float $value, ?float $limit): ?bool
    {
        return $value === null || $limit === null ? null : Limit::over($value, $limit);
    }

    /** The first is below the second. */
    public static function under(?float $value, ?float $limit): ?bool
    {
        return self::over($limit, $value);
    }

    /** What both possibilities say, where they say the same. */
    public static function agreed(?bool $one, ?bool $other): ?bool
    {
        return $one === $other ? $one : null;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** Multi-circuit manual transfer switches as they are made and listed (UL 1008). The label of the one bought comes first. */
final class ManualSwitches
{
    /** Places that they are made with; a two-pole circuit takes two. */
    public const PLACES = [4, 6, 8, 10, 12];

    /** The largest breaker that one takes, amperes. */
    public const MOST_BREAKER_A = 30;

    /** places => amperes that its incoming side and breaker are usually made for */
    private const INCOMING_A = [4 => 30, 6 => 30, 8 => 50, 10 => 50, 12 => 60];

    /** Amperes that the incoming side of one with so many places usually takes. */
    public static function incomingAmps(int $size): int
    {
        return self::INCOMING_A[$size] ?? max(self::INCOMING_A);
    }

    /** The smallest with that many places; null: none has. */
    public static function with(int $places): ?int
    {
        foreach (self::PLACES as $made) {
            if ($places <= $made) {
                return $made;
            }
        }

        return null;
    }
}

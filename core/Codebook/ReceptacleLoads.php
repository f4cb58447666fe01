<?php

declare(strict_types=1);

namespace Underpin\Codebook;

/** What a cord-and-plug load may take from one receptacle. NEC 2023 Table 210.21(B)(2). */
final class ReceptacleLoads
{
    private const MOST_A = [15 => 12.0, 20 => 16.0, 30 => 24.0];

    /** Amperes; null where the table has no row. */
    public static function mostAmps(int $receptacleAmps): ?float
    {
        return self::MOST_A[$receptacleAmps] ?? null;
    }
}

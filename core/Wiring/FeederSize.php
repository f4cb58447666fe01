<?php

declare(strict_types=1);

namespace Underpin\Wiring;

use Underpin\Codebook\ConductorSize;
use Underpin\Codebook\ConductorTable;
use Underpin\Codebook\Material;
use Underpin\Codebook\Terminals;

/** The least copper conductor of a feeder or branch behind a breaker, at 30 °C. NEC 2023 310.16, 240.4(B), 240.4(D), 310.12. */
final class FeederSize
{
    /** What a conductor that carries the whole load of a dwelling needs of the rating, NEC 2023 310.12. */
    private const DWELLING_SHARE = 0.83;

    /**
     * @param  int  $amps  of the breaker ahead
     * @return ?ConductorSize null: none up to 500 kcmil; it is laid in parallel sets
     */
    public static function copper(int $amps): ?ConductorSize
    {
        $terminalC = $amps > Terminals::AT_60_UP_TO_A ? Terminals::LARGE_C : 60;
        foreach (ConductorSize::cases() as $size) {
            if (Ampacity::of(Material::Copper, $size, 75, $terminalC)->maxBreakerAmps >= $amps) {
                return $size;
            }
        }

        return null;
    }

    /** The same where it carries the whole load of one dwelling at 100 to 400 A; null: not in that range. */
    public static function dwellingCopper(int $amps): ?ConductorSize
    {
        foreach (ConductorSize::cases() as $size) {
            if ($amps >= 100 && $amps <= 400
                && ConductorTable::ampacity(Material::Copper, $size, Terminals::LARGE_C) >= self::DWELLING_SHARE * $amps) {
                return $size;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Fuel;

use Underpin\Codebook\PropaneVapour;
use Underpin\Refused;

/** What a propane tank above ground can boil off: diameter × length × K by fill × T by the air. A buried one follows its soil. */
final class TankVapour
{
    /**
     * BTU an hour.
     *
     * @param  float  $fillPct  10 to 100; above 60 counts as 60
     * @param  float  $ambientF  -15 and warmer; above 20 counts as 20
     *
     * @throws Refused on "fill_pct" or "ambient_f" outside of the table
     */
    public static function btuh(float $diameterIn, float $lengthIn, float $fillPct, float $ambientF): float
    {
        if ($fillPct < PropaneVapour::LEAST_FILL_PCT || $fillPct > 100) {
            throw new Refused('fill_pct', "fill_pct must be from 10 to 100; $fillPct was given.");
        }
        if ($ambientF < PropaneVapour::COLDEST_F) {
            throw new Refused(
                'ambient_f', "ambient_f must be -15 or warmer; $ambientF was given. Below that the supplier's figure for this tank counts.",
            );
        }

        return $diameterIn * $lengthIn * self::between(PropaneVapour::BY_FILL, $fillPct) * self::between(PropaneVapour::BY_AIR, $ambientF);
    }

    /**
     * Linear between two points, as the last one above all of them.
     *
     * @param  non-empty-array<int, float>  $table  in rising order
     */
    private static function between(array $table, float $at): float
    {
        $before = array_key_first($table);
        foreach ($table as $point => $value) {
            if ($at <= $point) {
                return $point === $before
                    ? $value
                    : $table[$before] + ($value - $table[$before]) * ($at - $before) / ($point - $before);
            }
            $before = $point;
        }

        return $table[$before];
    }
}

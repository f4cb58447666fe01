<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Codebook\EngineDerate;
use Underpin\Refused;

/**
 * What height and heat take from an engine's rating: each linear above the point up to which the
 * rating holds, from nothing to all of it. Good practice; the machine's own figures come first.
 */
final readonly class Derate
{
    private function __construct(
        /** what height takes, per cent of the rating, 0 to 100 */
        public float $altitudePct,
        /** what heat takes, per cent of what height has left, 0 to 100 */
        public float $heatPct,
    ) {
    }

    /**
     * @param  float  $altitudeFt  feet above the sea; may be below it
     * @param  float  $ambientF  °F at the engine
     * @param  float  $altitudeFreeFt  feet up to which the rating holds
     * @param  float  $pctPer1000Ft  per cent lost for each 1,000 ft above that
     * @param  float  $heatFreeF  °F up to which the rating holds
     * @param  float  $pctPer10F  per cent lost for each 10 °F above that
     *
     * @throws Refused on "altitude_pct_per_1000ft" or "temp_pct_per_10f" below 0
     */
    public static function at(
        float $altitudeFt,
        float $ambientF,
        float $altitudeFreeFt = EngineDerate::ALTITUDE_FREE_FT,
        float $pctPer1000Ft = EngineDerate::ALTITUDE_PCT_PER_1000_FT,
        float $heatFreeF = EngineDerate::HEAT_FREE_F,
        float $pctPer10F = EngineDerate::HEAT_PCT_PER_10_F,
    ): self {
        foreach (['altitude_pct_per_1000ft' => $pctPer1000Ft, 'temp_pct_per_10f' => $pctPer10F] as $field => $pct) {
            if ($pct < 0) {
                throw new Refused($field, "$field must not be below 0.");
            }
        }

        return new self(
            self::part(($altitudeFt - $altitudeFreeFt) / 1000 * $pctPer1000Ft),
            self::part(($ambientF - $heatFreeF) / 10 * $pctPer10F),
        );
    }

    /** Nothing is taken: no engine breathes. */
    public static function none(): self
    {
        return new self(0.0, 0.0);
    }

    /** The share of the rating that is left, 0 to 1. */
    public function left(): float
    {
        return (1 - $this->altitudePct / 100) * (1 - $this->heatPct / 100);
    }

    private static function part(float $pct): float
    {
        return max(0.0, min(100.0, $pct));
    }
}

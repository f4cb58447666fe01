<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Limit;
use Underpin\Refused;

/** What a machine gives on one fuel: for hours, and for the moment of a start. */
final readonly class Rating
{
    /**
     * @param  float  $runW  running watts: what it carries for hours
     * @param  float  $peakW  advertised peak: what it carries for seconds
     */
    public function __construct(public Fuel $fuel, public float $runW, public float $peakW)
    {
        if ($runW <= 0 || $runW > 500_000) {
            throw new Refused('run_w', 'run_w must be over 0 and at most 500,000 W.');
        }
        if (Limit::over($runW, $peakW)) {
            throw new Refused('peak_w', 'peak_w must be at least the running watts.');
        }
    }
}

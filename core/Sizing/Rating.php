<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Limit;
use Underpin\Refused;

/** What a machine gives on one fuel: for hours, and for the moment of a start. */
final readonly class Rating
{
    public const MOST_RUN_W = 500_000.0;

    /**
     * @param  float  $runW  running watts: what it carries for hours
     * @param  float  $peakW  advertised peak: what it carries for seconds
     */
    public function __construct(public Fuel $fuel, public float $runW, public float $peakW)
    {
        if ($runW <= 0 || $runW > self::MOST_RUN_W) {
            throw new Refused('run_w', sprintf('run_w must be over 0 and at most %s W.', number_format(self::MOST_RUN_W)));
        }
        if (Limit::over($runW, $peakW)) {
            throw new Refused('peak_w', 'peak_w must be at least the running watts.');
        }
    }
}

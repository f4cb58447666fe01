<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\MachinePart;
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
        MachinePart::rating()->guard(['run_w' => $runW]);
        if (Limit::over($runW, $peakW)) {
            throw new Refused(
                'peak_w',
                sprintf(
                    'Advertised peak must be at least the running watts (%s W); %s W was given.', number_format($runW),
                    number_format($peakW),
                ),
            );
        }
    }
}

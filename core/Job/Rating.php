<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\MachinePart;
use Underpin\Limit;
use Underpin\Refused;

/** What a machine gives on one fuel: for hours, and for the moment of a start. Null: its plate does not say. */
final readonly class Rating
{
    public const MOST_RUN_W = 500_000.0;

    public const MOST_BURN = 100_000.0;

    /**
     * @param  float  $runW  running watts: what it carries for hours
     * @param  ?float  $peakW  advertised peak: what it carries for seconds
     * @param  ?float  $idlePerH  burned at no load, gallons an hour, or cubic feet of natural gas
     * @param  ?float  $halfPerH  at half load
     * @param  ?float  $fullPerH  at full load
     */
    public function __construct(
        public Fuel $fuel,
        public float $runW,
        public ?float $peakW = null,
        public ?float $idlePerH = null,
        public ?float $halfPerH = null,
        public ?float $fullPerH = null,
    ) {
        MachinePart::rating()->guard([
            'run_w' => $runW, 'idle_per_h' => $idlePerH, 'half_per_h' => $halfPerH, 'full_per_h' => $fullPerH,
        ]);
        if ($peakW !== null && Limit::over($runW, $peakW)) {
            throw new Refused(
                'peak_w',
                sprintf(
                    'Advertised peak must be at least the running watts (%s W); %s W was given.', number_format($runW),
                    number_format($peakW),
                ),
            );
        }
        $this->guardBurn(['idle_per_h' => $idlePerH, 'half_per_h' => $halfPerH, 'full_per_h' => $fullPerH]);
    }

    /** @param  array<string, ?float>  $burn  from no load to full */
    private function guardBurn(array $burn): void
    {
        $before = 0.0;
        foreach (array_filter($burn, is_float(...)) as $field => $each) {
            if (Limit::over($before, $each)) {
                $label = MachinePart::rating()->field($field)->label;
                throw new Refused($field, "$label must not be below what it burns at less load ($before); $each was given.");
            }
            $before = $each;
        }
    }
}

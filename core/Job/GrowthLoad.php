<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\GrowthPart;
use Underpin\Limit;
use Underpin\Refused;

/** A load that may come: a heat pump, a car charger, a second freezer. */
final readonly class GrowthLoad
{
    /**
     * @param  int  $volts  120 or 240
     * @param  ?float  $startW  watts at the moment of starting, at least runW; null: as running
     */
    public function __construct(
        public string $id, public string $name, public LoadKind $kind, public int $volts, public float $runW, public ?float $startW = null,
    ) {
        GrowthPart::load()->guard(['id' => $id, 'name' => $name, 'volts' => $volts, 'run_w' => $runW, 'start_w' => $startW]);
        if ($startW !== null && Limit::over($runW, $startW)) {
            throw new Refused('start_w', sprintf(
                'Starts must be at least what it runs at (%s W); %s W was given.', number_format($runW), number_format($startW),
            ));
        }
    }
}

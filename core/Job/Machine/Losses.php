<?php

declare(strict_types=1);

namespace Underpin\Job\Machine;

/** What its manual says that height and heat take from it. Null: it does not say, and the usual rule counts. */
final readonly class Losses
{
    /**
     * @param  ?float  $altitudeFreeFt  feet up to which the rating holds
     * @param  ?float  $pctPer1000Ft  per cent lost for each 1,000 ft above that
     * @param  ?float  $heatFreeF  °F up to which the rating holds
     * @param  ?float  $pctPer10F  per cent lost for each 10 °F above that
     */
    public function __construct(
        public ?float $altitudeFreeFt = null,
        public ?float $pctPer1000Ft = null,
        public ?float $heatFreeF = null,
        public ?float $pctPer10F = null,
    ) {
    }
}

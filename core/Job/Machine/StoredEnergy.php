<?php

declare(strict_types=1);

namespace Underpin\Job\Machine;

/** What a battery station holds. Null: not known. */
final readonly class StoredEnergy
{
    /**
     * @param  ?float  $wh  usable watt-hours, of both where two are joined
     * @param  ?float  $surgeS  seconds that it gives its peak
     * @param  ?float  $rechargeW  watts that it takes to charge
     */
    public function __construct(public ?float $wh = null, public ?float $surgeS = null, public ?float $rechargeW = null)
    {
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\FuelKeptPart;

/** Something else that burns the same gas, and where its pipe leaves the one to the machine. Null: not measured. */
final readonly class GasAppliance
{
    /**
     * @param  ?float  $atFt  feet of pipe from the meter, or from the tank's regulator, to where its branch leaves
     * @param  ?float  $branchFt  feet of pipe from there to it, with fittings
     */
    public function __construct(
        public string $id, public string $name, public float $btuh, public ?float $atFt = null, public ?float $branchFt = null,
    ) {
        FuelKeptPart::appliance()->guard(['id' => $id, 'name' => $name, 'btuh' => $btuh, 'at_ft' => $atFt, 'branch_ft' => $branchFt]);
    }
}

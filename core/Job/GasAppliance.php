<?php

declare(strict_types=1);

namespace Underpin\Job;

use Underpin\Job\Part\FuelKeptPart;

/** Something else that burns the same gas. */
final readonly class GasAppliance
{
    public function __construct(public string $id, public string $name, public float $btuh)
    {
        FuelKeptPart::appliance()->guard(['id' => $id, 'name' => $name, 'btuh' => $btuh]);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** The machine that was picked burns something that the survey says is not there. */
final class FuelNotHere implements Check
{
    public function findings(Design $design): iterable
    {
        $supply = $design->supply();
        if ($supply !== null && $supply->fuelIsMissing()) {
            yield new Finding(
                Code::FuelNotHere,
                "{$supply->machine->name} is to run on {$supply->fuel->value}, and the survey says that there is none here.",
                'Without fuel it stands still in the first hour of an outage.',
                'Pick a fuel that is there, or say in the survey what will be there once the work is done.',
            );
        }
    }
}

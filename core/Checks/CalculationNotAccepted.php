<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** A load calculation that this authority does not take. */
final class CalculationNotAccepted implements Check
{
    public function findings(Design $design): iterable
    {
        $demand = $design->job->basis->demand;
        if ($demand !== null && ! $design->job->authority->rules->accepts($demand->method)) {
            yield new Finding(
                Code::CalculationNotAccepted,
                "The {$demand->method->words()} is not accepted here.",
                'The permit would be sent back.',
                'Choose one that the local rules of this job accept.',
            );
        }
    }
}

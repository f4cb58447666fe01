<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Stage;

/** A load calculation that this authority does not take. */
final class CalculationNotAccepted implements Check
{
    public function findings(Facts $facts): iterable
    {
        $demand = $facts->job->demand;
        if ($demand !== null && ! $facts->job->rules->accepts($demand->method)) {
            yield new Finding(
                'CALCULATION_NOT_ACCEPTED', Severity::Wrong, Stage::Loads,
                "The {$demand->method->words()} is not accepted here.",
                'The permit would be sent back.',
                'Choose one that the local rules of this job accept.',
                Source::nec('Article 220, local amendment'),
            );
        }
    }
}

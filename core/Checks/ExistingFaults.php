<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Stage;

/** Every fault found in backup equipment that is there already. */
final class ExistingFaults implements Check
{
    public function findings(Facts $facts): iterable
    {
        foreach ($facts->job->existing->faults() as $fault) {
            yield new Finding(
                'EXISTING_'.strtoupper($fault->value), $fault->severity(), Stage::Survey,
                $fault->statement(),
                $fault->why(), $fault->remedy(), $fault->source(),
            );
        }
    }
}

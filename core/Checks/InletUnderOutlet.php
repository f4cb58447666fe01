<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Stage;

/** An inlet that the machine can overload. */
final class InletUnderOutlet implements Check
{
    public function findings(Facts $facts): iterable
    {
        $wire = $facts->wire;
        if ($wire?->inletA !== null && $wire->inletA < $wire->outletA) {
            yield new Finding(
                'INLET_UNDER_OUTLET', Severity::Wrong, Stage::Wire,
                "The inlet is rated $wire->inletA A, the machine gives $wire->outletA A.",
                'The machine can push more through it than it stands.',
                "Choose an inlet of at least $wire->outletA A.",
                Source::nec('110.3(B)'),
            );
        }
    }
}

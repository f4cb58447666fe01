<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Stage;

/** A job with circuits, none of which is marked. */
final class NothingMustRun implements Check
{
    public function findings(Facts $facts): iterable
    {
        if ($facts->plan->must === [] && $facts->job->circuits() !== []) {
            yield new Finding(
                'NOTHING_MUST_RUN', Severity::Advice, Stage::Loads,
                'No circuit is marked as must run.',
                'Size, connection and card all rest on it.',
                'Select a breaker and press 1, 2 or 3.',
                Source::nec('702.4'),
            );
        }
    }
}

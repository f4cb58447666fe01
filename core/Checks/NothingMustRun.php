<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** A job with circuits, none of which is marked. */
final class NothingMustRun implements Check
{
    public function findings(Design $design): iterable
    {
        if ($design->plan()->must === [] && $design->job->circuits() !== []) {
            yield new Finding(
                Code::NothingMustRun,
                'No circuit is marked as must run.',
                'Size, connection and card all rest on it.',
                'Select a breaker and press 1, 2 or 3.',
            );
        }
    }
}

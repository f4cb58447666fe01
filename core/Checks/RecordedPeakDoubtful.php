<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Job\DemandMethod;

/** A load calculation from a recorded peak that the code does not take as it is. */
final class RecordedPeakDoubtful implements Check
{
    public function findings(Design $design): iterable
    {
        $recorded = $design->job->basis->recorded;
        if ($design->job->basis->demand?->method === DemandMethod::Measured && $recorded !== null && ! $recorded->counts()) {
            yield new Finding(
                Code::RecordedPeakDoubtful,
                "The load calculation rests on the recorded peak of $recorded->at, and the recording does not count as it is.",
                implode(' ', $recorded->conditions()),
                'Bring in a year of quarter-hour data, or use another calculation.',
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Loads\Demand\DemandMethod;
use Underpin\Stage;

/** A load calculation from a recorded peak that the code does not take as it is. */
final class RecordedPeakDoubtful implements Check
{
    public function findings(Facts $facts): iterable
    {
        $recorded = $facts->job->recorded;
        if ($facts->job->demand?->method === DemandMethod::Measured && $recorded !== null && ! $recorded->counts()) {
            yield new Finding(
                'RECORDED_PEAK_DOUBTFUL', Severity::Wrong, Stage::Loads,
                "The load calculation rests on the recorded peak of $recorded->at, and the recording does not count as it is.",
                implode(' ', $recorded->conditions()),
                'Bring in a year of quarter-hour data, or use another calculation.',
                Source::nec('220.87'),
            );
        }
    }
}

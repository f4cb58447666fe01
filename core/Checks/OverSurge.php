<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Stage;

/** The worst start, in the best order, over what the machine gives for a moment. */
final class OverSurge implements Check
{
    public function findings(Facts $facts): iterable
    {
        $fit = $facts->fit;
        if ($fit !== null && $fit->overSurge()) {
            yield new Finding(
                'OVER_SURGE', Severity::Wrong, Stage::Size,
                $fit->headline(),
                'The engine bogs down, voltage falls, and motors that do not start burn.',
                'Fit a soft starter, start it before everything else, or pick a larger machine.',
                Source::nec('702.4'),
            );
        }
    }
}

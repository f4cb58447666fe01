<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Stage;

/** A circuit that must run, and nobody has said what it draws. */
final class FiguresMissing implements Check
{
    public function findings(Facts $facts): iterable
    {
        foreach ($facts->plan->figuresMissing() as $circuit) {
            yield new Finding(
                'FIGURES_MISSING', Severity::Wrong, Stage::Loads,
                "{$circuit->title()} must run and has no watts.",
                'Every verdict leaves it out: the machine may be too small.',
                'Add its loads from the library, a nameplate or a measurement.',
                Source::nec('702.4'), $circuit->id,
            );
        }
    }
}

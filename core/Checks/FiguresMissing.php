<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** A circuit that must run, and nobody has said what it draws. */
final class FiguresMissing implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->plan()->figuresMissing() as $circuit) {
            yield new Finding(
                Code::FiguresMissing,
                "{$circuit->title()} must run and has no watts.",
                'Every verdict leaves it out: the machine may be too small.',
                'Add its loads from the library, a nameplate or a measurement.',
                $circuit->id,
            );
        }
    }
}

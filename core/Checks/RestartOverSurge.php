<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Say;

/** Holds only as long as nothing starts again by itself. */
final class RestartOverSurge implements Check
{
    public function findings(Design $design): iterable
    {
        $fit = $design->fit();
        if ($fit !== null && $fit->restartIsOver()) {
            yield new Finding(
                Code::RestartOverSurge,
                sprintf(
                    'A motor that starts again with everything on reaches %s; the machine gives %s.', Say::amps($fit->restartAmps),
                    Say::amps($fit->supply->surgeLimitAmps()),
                ),
                'A pressure switch or a thermostat does not wait for its turn.',
                'Fit a soft starter, or have the largest motor run alone by hand.',
            );
        }
    }
}

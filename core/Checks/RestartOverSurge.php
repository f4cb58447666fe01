<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Say;
use Underpin\Stage;

/** Holds only as long as nothing starts again by itself. */
final class RestartOverSurge implements Check
{
    public function findings(Facts $facts): iterable
    {
        $fit = $facts->fit;
        if ($fit !== null && $fit->restartIsOver()) {
            yield new Finding(
                'RESTART_OVER_SURGE', Severity::Advice, Stage::Size,
                sprintf('A motor that starts again with everything on reaches %s; the machine gives %s.', Say::amps($fit->restartA), Say::amps($fit->supply->surgeLimitA())),
                'A pressure switch or a thermostat does not wait for its turn.',
                'Fit a soft starter, or have the largest motor run alone by hand.',
                Source::practice('motors that cycle'),
            );
        }
    }
}

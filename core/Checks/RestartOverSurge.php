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
                    '%s, starting again with everything on, reaches %s; the machine gives %s.', $fit->restarts->name ?? 'What cycles',
                    Say::amps($fit->restartAmps), Say::amps($fit->supply->surgeLimitAmps()),
                ),
                'A pressure switch or a thermostat does not wait for its turn.',
                $fit->restarts?->kind->isMotor() === true
                    ? 'Fit a soft starter on it, or have it run alone, by hand.'
                    : 'Have it run alone, by hand, or pick a larger machine.',
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** The worst start, in the best order, over what the machine gives for a moment. */
final class OverSurge implements Check
{
    public function findings(Design $design): iterable
    {
        $fit = $design->fit();
        if ($fit !== null && $fit->overSurge()) {
            yield new Finding(
                Code::OverSurge,
                $fit->words()->headline(),
                'The engine bogs down, voltage falls, and motors that do not start burn.',
                $fit->startIsMotor()
                    ? 'Fit a soft starter on that motor, let less run when it starts, or pick a larger machine.'
                    : 'Let less run when it starts, or pick a larger machine.',
            );
        }
    }
}

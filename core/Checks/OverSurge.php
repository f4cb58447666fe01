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
                $fit->headline(),
                'The engine bogs down, voltage falls, and motors that do not start burn.',
                'Fit a soft starter, start it before everything else, or pick a larger machine.',
            );
        }
    }
}

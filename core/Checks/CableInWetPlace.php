<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Stage;
use Underpin\Wiring\WiringMethod;

/** NM cable where it gets wet. */
final class CableInWetPlace implements Check
{
    public function findings(Facts $facts): iterable
    {
        $run = $facts->job->wire;
        if ($facts->wire?->conductor !== null && $run->wet && $run->method === WiringMethod::Cable) {
            yield new Finding(
                'WIRING_WET', Severity::Wrong, Stage::Wire,
                'NM cable is planned through a wet place.',
                'It takes up water and rots from inside.',
                'Use THWN-2 in conduit there.',
                Source::nec('334.12(B)(4)'),
            );
        }
    }
}

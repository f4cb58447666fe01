<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Assembly\ConductorKind;
use Underpin\Design\Design;
use Underpin\Job\WiringMethod;

/** NM cable where it gets wet. */
final class CableInWetPlace implements Check
{
    public function findings(Design $design): iterable
    {
        $run = $design->job->wire;
        if ($design->assembly()?->conductor(ConductorKind::Run) !== null && $run->isWet() && $run->method === WiringMethod::Cable) {
            yield new Finding(
                Code::WiringWet,
                'NM cable is planned through a wet place.',
                'It takes up water and rots from inside.',
                'Use THWN-2 in conduit there.',
            );
        }
    }
}

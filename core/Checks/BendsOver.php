<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\RacewayBends;
use Underpin\Design\Design;
use Underpin\Job\WiringMethod;
use Underpin\Limit;
use Underpin\Say;

/** More bends than conductors are pulled through. */
final class BendsOver implements Check
{
    public function findings(Design $design): iterable
    {
        $run = $design->job->wire;
        $deg = $run->laying->bendDeg;
        if ($deg !== null && $run->method === WiringMethod::Conduit && Limit::over($deg, RacewayBends::MOST_DEG)) {
            yield new Finding(
                Code::BendsOver,
                sprintf('The raceway bends by %s° between two pulls.', Say::figure($deg)),
                'The insulation is torn while it is pulled, where nobody sees it.',
                'Set a box, or a fitting that opens, between: '.Say::figure(RacewayBends::MOST_DEG).'° at most.',
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Assembly\ComponentKind;
use Underpin\Codebook\ContinuousLoads;
use Underpin\Design\Design;
use Underpin\Limit;
use Underpin\Say;

/** What must run is more than the generator's breaker, inlet or outlet carries, at once or for hours. */
final class FeedOverloaded implements Check
{
    public function findings(Design $design): iterable
    {
        $fit = $design->fit();
        $built = $design->assembly();
        $breaker = $built?->component(ComponentKind::Breaker)?->amps;
        if ($fit === null || $breaker === null || $fit->overRun()) {
            return;
        }
        $limit = min($breaker, $built->component(ComponentKind::Inlet)->amps ?? $breaker);
        $worst = $fit->running->worstAmps();
        $continuous = $fit->continuousAmps();
        $counted = $worst + ContinuousLoads::extra($continuous);
        if (! Limit::over($counted, $limit)) {
            return;
        }
        yield new Finding(
            Code::FeedOverloaded,
            Limit::over($worst, $limit)
                ? sprintf('What must run is %s on one leg; the way in carries %d A.', Say::amps($worst), $limit)
                : sprintf(
                    'What must run is %s on one leg, %s of it for hours; with 25 %% on top that is %s, and the way in carries %d A.',
                    Say::amps($worst), Say::amps($continuous), Say::amps($counted), $limit,
                ),
            'The smallest of breaker, inlet and plug decides; a set that is not listed for 100 % carries 80 % of it for three hours or '
                .'more.',
            'A larger set, where the machine gives it and the wire carries it; or fewer circuits that run at the same time.',
        );
    }
}

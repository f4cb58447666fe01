<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\LegBalance;
use Underpin\Design\Design;
use Underpin\Limit;
use Underpin\Say;
use Underpin\Service\Multiwire;
use Underpin\Service\SharedNeutral;

/** One leg works while the other idles. */
final class LegsUneven implements Check
{
    public function findings(Design $design): iterable
    {
        $fit = $design->fit();
        if ($fit === null || ! $fit->supply->feedsBothLegs()) {
            return;
        }
        $legs = $fit->running;
        if (Limit::over($legs->imbalancePct(), LegBalance::MOST_PCT)
            && Limit::over($legs->worstAmps(), $fit->supply->ratedRunAmps() * LegBalance::FROM_SHARE)) {
            yield new Finding(
                Code::LegsUneven,
                sprintf('Leg A carries %s and leg B %s.', Say::amps($legs->aAmps), Say::amps($legs->bAmps)),
                'The fuller leg decides when the machine is full, and an uneven one runs rough.',
                trim('A one-pole breaker moved one space up or down changes its leg. '
                    .SharedNeutral::beforeMoving((new Multiwire($design->job->service->panels))->anywhere())),
            );
        }
    }
}

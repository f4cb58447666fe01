<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Limit;
use Underpin\Say;
use Underpin\Service\SharedNeutral;
use Underpin\Stage;

/** One leg works while the other idles. */
final class LegsUneven implements Check
{
    public function findings(Facts $facts): iterable
    {
        $fit = $facts->fit;
        if ($fit === null || ! $fit->supply->feedsBothLegs()) {
            return;
        }
        $legs = $fit->running;
        if (Limit::over($legs->imbalancePct(), 30) && Limit::over($legs->worstAmps(), $fit->supply->ratedRunA() / 2)) {
            yield new Finding(
                'LEGS_UNEVEN', Severity::Advice, Stage::Loads,
                sprintf('Leg A carries %s and leg B %s.', Say::amps($legs->aAmps), Say::amps($legs->bAmps)),
                'The fuller leg decides when the machine is full, and an uneven one runs rough.',
                trim('A one-pole breaker moved one space up or down changes its leg. '.SharedNeutral::beforeMoving(SharedNeutral::in($facts->job->panels))),
                Source::practice('leg balance within 30 %'),
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\ContinuousLoads;
use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Job\Feeders;
use Underpin\Job\Panel;
use Underpin\Legs\LegCurrents;
use Underpin\Limit;
use Underpin\Loads\Plan;
use Underpin\Say;

/** What must run behind a feeder is more than its breaker carries, at once or for hours. */
final class FeederOverloaded implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->way()?->fedPanels($design->situation()) ?? [] as $panel) {
            $amps = Feeders::breakerAmps($panel, $design->job->service->panels);
            if ($amps === null) {
                continue;
            }
            $must = $this->mustBehind($panel, $design);
            $worst = LegCurrents::of(Plan::drawsOf($must))->worstAmps();
            $continuous = array_sum(array_map(fn (Circuit $c): float => $c->continuousAmps(), $must));
            $counted = $worst + ContinuousLoads::extra(min($continuous, $worst));
            if (Limit::over($counted, $amps)) {
                yield new Finding(
                    Code::FeederOverloaded,
                    sprintf(
                        'What must run behind the feeder to %s comes to %s on one leg%s; its breaker is %d A.', $panel->name,
                        Say::amps($worst),
                        Limit::over($worst, $amps) ? '' : ', '.Say::amps($counted).' with 25 % on top for what runs on for hours', $amps,
                    ),
                    'Its breaker trips, and everything behind it goes dark in the middle of the outage.',
                    "Let less run at the same time in $panel->name, or feed it by conductors and a breaker that carry it.",
                );
            }
        }
    }

    /** @return list<Circuit> in the half of the year that loads a leg more */
    private function mustBehind(Panel $panel, Design $design): array
    {
        $ids = array_map(fn (Circuit $c): string => $c->id, $design->distribution()->circuitsBehind($panel));
        $halves = array_map(fn (Plan $plan): array => array_values(array_filter(
            $plan->must, fn (Circuit $c): bool => in_array($c->id, $ids, true),
        )), $design->plan()->seasons());
        usort($halves, fn (array $x, array $y): int => LegCurrents::of(Plan::drawsOf($y))->worstAmps()
            <=> LegCurrents::of(Plan::drawsOf($x))->worstAmps());

        return $halves[0];
    }
}

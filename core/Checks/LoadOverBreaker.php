<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Limit;
use Underpin\Loads\Draw;
use Underpin\Loads\Duty;
use Underpin\Loads\Load;
use Underpin\Say;
use Underpin\Stage;

/** The loads of a circuit add up to more than its breaker carries, at once or for hours. */
final class LoadOverBreaker implements Check
{
    public function findings(Facts $facts): iterable
    {
        foreach ($facts->job->circuits() as $circuit) {
            $runs = $circuit->runAmps();
            $continuous = array_sum(array_map(
                fn (Load $l): float => $l->duty === Duty::Continuous ? (new Draw($l->id, $circuit->leg(), $l->knownRunW(), $l->pf))->amps() : 0.0,
                $circuit->loads,
            ));
            if (! Limit::over($runs, $circuit->breakerA) && Limit::over($runs + 0.25 * $continuous, $circuit->breakerA)) {
                yield new Finding(
                    'CONTINUOUS_OVER_BREAKER', Severity::Wrong, Stage::Loads,
                    sprintf('%s: %s of it run for hours; with 25 %% on top that is %s on a %d A breaker.', $circuit->title(), Say::amps($continuous), Say::amps($runs + 0.25 * $continuous), $circuit->breakerA),
                    'A breaker carries a load of three hours or more only up to 80 % of its rating.',
                    'Check which loads run on for hours, or split the circuit.',
                    Source::nec('210.20(A)'), $circuit->id,
                );
            }
            if (Limit::over($runs, $circuit->breakerA)) {
                yield new Finding(
                    'LOAD_OVER_BREAKER', Severity::Wrong, Stage::Loads,
                    sprintf('%s: its loads run at %s on a %d A breaker.', $circuit->title(), Say::amps($runs), $circuit->breakerA),
                    'Either the figures or the circuit are wrong: the breaker would trip.',
                    'Check the watts, and which loads really hang on this breaker.',
                    Source::nec('210.23'), $circuit->id,
                );
            }
        }
    }
}

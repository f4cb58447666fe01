<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\ContinuousLoads;
use Underpin\Design\Design;
use Underpin\Limit;
use Underpin\Say;

/** The loads of a circuit add up to more than its breaker carries, at once or for hours. */
final class LoadOverBreaker implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->job->circuits() as $circuit) {
            $runs = $circuit->runAmps();
            $continuous = $circuit->continuousAmps();
            if (! Limit::over($runs, $circuit->breakerAmps)
                && Limit::over($runs + ContinuousLoads::extra($continuous), $circuit->breakerAmps)) {
                yield new Finding(
                    Code::ContinuousOverBreaker,
                    sprintf(
                        '%s: %s of it run for hours; with 25 %% on top that is %s on a %d A breaker.', $circuit->title(),
                        Say::amps($continuous), Say::amps($runs + ContinuousLoads::extra($continuous)), $circuit->breakerAmps,
                    ),
                    'A breaker carries a load of three hours or more only up to 80 % of its rating.',
                    'Check which loads run on for hours, or split the circuit.',
                    $circuit->id,
                );
            }
            if (Limit::over($runs, $circuit->breakerAmps)) {
                yield new Finding(
                    Code::LoadOverBreaker,
                    sprintf('%s: its loads run at %s on a %d A breaker.', $circuit->title(), Say::amps($runs), $circuit->breakerAmps),
                    'Either the figures or the circuit are wrong: the breaker would trip.',
                    'Check the watts, and which loads really hang on this breaker.',
                    $circuit->id,
                );
            }
        }
    }
}

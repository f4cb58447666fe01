<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\Source;
use Underpin\Limit;
use Underpin\Say;
use Underpin\Stage;

/** The loads of a circuit add up to more than its breaker. */
final class LoadOverBreaker implements Check
{
    public function findings(Facts $facts): iterable
    {
        foreach ($facts->job->circuits() as $circuit) {
            if (Limit::over($circuit->runAmps(), $circuit->breakerA)) {
                yield new Finding(
                    'LOAD_OVER_BREAKER', Severity::Wrong, Stage::Loads,
                    sprintf('%s: its loads run at %s on a %d A breaker.', $circuit->title(), Say::amps($circuit->runAmps()), $circuit->breakerA),
                    'Either the figures or the circuit are wrong: the breaker would trip.',
                    'Check the watts, and which loads really hang on this breaker.',
                    Source::nec('210.23'), $circuit->id,
                );
            }
        }
    }
}

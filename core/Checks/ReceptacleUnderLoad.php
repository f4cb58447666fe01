<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Limit;
use Underpin\Say;

/** One receptacle on a circuit, and what hangs on it is too much for it or the breaker is. */
final class ReceptacleUnderLoad implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->job->circuits() as $circuit) {
            if ($circuit->receptacleAmps === null) {
                continue;
            }
            if ($circuit->receptacleAmps < $circuit->breakerAmps) {
                yield new Finding(
                    Code::ReceptacleUnderBreaker,
                    "{$circuit->title()}: its only receptacle is made for $circuit->receptacleAmps A, its breaker for "
                        ."$circuit->breakerAmps A.",
                    'The receptacle can burn before the breaker trips.',
                    'Fit a receptacle of at least the breaker\'s rating.',
                    $circuit->id,
                );
            }
            $runs = $circuit->measured->runAmps ?? $circuit->runAmps();
            if (Limit::over($runs, $circuit->receptacleAmps)) {
                yield new Finding(
                    Code::ReceptacleUnderLoad,
                    sprintf(
                        '%s: %s %s through its one receptacle, which is made for %d A.', $circuit->title(),
                        Say::amps($runs), $circuit->measured === null ? 'listed' : 'measured', $circuit->receptacleAmps,
                    ),
                    'It runs hot for as long as the load is on.',
                    'A larger receptacle on wire and breaker to match, or a part of the load on another circuit.',
                    $circuit->id,
                );
            }
        }
    }
}

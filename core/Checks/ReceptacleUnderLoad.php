<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\ReceptacleLoads;
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
            $most = ReceptacleLoads::mostAmps($circuit->receptacleAmps);
            $runs = $circuit->measured->runAmps ?? $circuit->runAmps();
            if ($most !== null && Limit::over($runs, $most)) {
                yield new Finding(
                    Code::ReceptacleUnderLoad,
                    sprintf(
                        '%s: %s %s through a %d A receptacle, which may carry %s of a plugged-in load.', $circuit->title(),
                        Say::amps($runs), $circuit->measured === null ? 'listed' : 'measured', $circuit->receptacleAmps, Say::amps($most),
                    ),
                    'It runs hot for as long as the load is on.',
                    'A larger receptacle on wire and breaker to match, or a part of the load on another circuit.',
                    $circuit->id,
                );
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\ReceptacleLoads;
use Underpin\Codebook\Source;
use Underpin\Limit;
use Underpin\Say;
use Underpin\Stage;

/** One receptacle on a circuit, and what hangs on it is too much for it or the breaker is. */
final class ReceptacleUnderLoad implements Check
{
    public function findings(Facts $facts): iterable
    {
        foreach ($facts->job->circuits() as $circuit) {
            if ($circuit->receptacleA === null) {
                continue;
            }
            if ($circuit->receptacleA < $circuit->breakerA) {
                yield new Finding(
                    'RECEPTACLE_UNDER_BREAKER', Severity::Wrong, Stage::Loads,
                    "{$circuit->title()}: its only receptacle is made for $circuit->receptacleA A, its breaker for $circuit->breakerA A.",
                    'The receptacle can burn before the breaker trips.',
                    'Fit a receptacle of at least the breaker\'s rating.',
                    Source::nec('210.21(B)(1)'), $circuit->id,
                );
            }
            $most = ReceptacleLoads::mostA($circuit->receptacleA);
            $runs = $circuit->measured->runA ?? $circuit->runAmps();
            if ($most !== null && Limit::over($runs, $most)) {
                yield new Finding(
                    'RECEPTACLE_UNDER_LOAD', Severity::Wrong, Stage::Loads,
                    sprintf('%s: %s %s through a %d A receptacle, which may carry %s of a plugged-in load.', $circuit->title(), Say::amps($runs), $circuit->measured === null ? 'listed' : 'measured', $circuit->receptacleA, Say::amps($most)),
                    'It runs hot for as long as the load is on.',
                    'A larger receptacle on wire and breaker to match, or a part of the load on another circuit.',
                    Source::nec('Table 210.21(B)(2)'), $circuit->id,
                );
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Sizing\FaultCurrent;

/** More current in a fault than the switch withstands, from either source. */
final class FaultOverWithstand implements Check
{
    public function findings(Design $design): iterable
    {
        $connection = $design->job->connection;
        $withstands = $connection->withstandAmps;
        if ($withstands === null) {
            return;
        }
        $machine = $design->supply()?->machine;
        $sources = [
            'the utility' => $connection->utilityFaultAmps,
            'the generator' => $machine === null ? null : FaultCurrent::of($machine)->amps,
        ];
        foreach ($sources as $source => $amps) {
            if ($amps !== null && $amps > $withstands) {
                yield new Finding(
                    Code::FaultOverWithstand,
                    sprintf(
                        'A fault can draw %s A from %s; the switch withstands %s A.', number_format($amps), $source,
                        number_format($withstands),
                    ),
                    'It bursts before a breaker opens, with whoever stands in front of it.',
                    'Take a switch with a higher rating, or the breaker ahead that its label names for one.',
                );
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** A circuit that answered on another leg than its space hangs on. */
final class LegContradicts implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->job->circuits() as $circuit) {
            if ($circuit->measured !== null && $circuit->measured->leg !== $circuit->leg()) {
                yield new Finding(
                    Code::LegContradicts,
                    "{$circuit->title()} answered on {$circuit->measured->leg->words()}; its space hangs on {$circuit->leg()->words()}.",
                    'The label or the space is wrong, or the clamps are swapped: the wrong breaker would be thrown in an outage, and '
                        .'the legs are counted wrongly.',
                    'Find the breaker that really feeds it, then put the schedule right.',
                    $circuit->id,
                );
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Assembly\ConductorKind;
use Underpin\Design\Design;
use Underpin\Job\WiringMethod;
use Underpin\Say;
use Underpin\Wiring\ConduitFill;

/** A raceway that is too small for its conductors, or is not made in that size. */
final class RacewayFull implements Check
{
    public function findings(Design $design): iterable
    {
        $run = $design->assembly()?->conductor(ConductorKind::Run);
        $laid = $design->job->wire;
        [$raceway, $trade] = [$laid->laying->raceway, $laid->laying->trade];
        if ($run === null || $raceway === null || $trade === null || $laid->method === WiringMethod::Cable) {
            return;
        }
        $conductors = [];
        foreach ($run->wires as $wire) {
            array_push($conductors, ...$wire->size === null ? [] : [[$wire->size, 1]]);
        }
        if ($raceway->areaIn2($trade) === null) {
            yield new Finding(
                Code::RacewayFull, "{$raceway->words()} is not made in trade size $trade->value.", 'It cannot be bought.',
                'Take another size, or another raceway.',
            );
        } elseif (! ConduitFill::of($raceway, $trade, $conductors)->ok()) {
            $smallest = ConduitFill::smallestFor($raceway, $conductors);
            yield new Finding(
                Code::RacewayFull,
                sprintf(
                    '%s %s is filled to %s.', $raceway->words(), $trade->value,
                    Say::pct(ConduitFill::of($raceway, $trade, $conductors)->fillPct),
                ),
                'The conductors cannot be pulled without harm, and run hot.',
                $smallest === null ? 'Take a larger kind of raceway, or two.' : "Take trade size $smallest->value or larger.",
            );
        }
    }
}

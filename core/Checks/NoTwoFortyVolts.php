<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;
use Underpin\Job\Circuit;
use Underpin\Say;

/** A 240 V circuit that must run, on a 120 V machine. */
final class NoTwoFortyVolts implements Check
{
    public function findings(Design $design): iterable
    {
        $fit = $design->fit();
        if ($fit !== null && $fit->cannotFeed !== []) {
            $names = Say::list(array_map(fn (Circuit $c): string => $c->title(), $fit->cannotFeed));
            yield new Finding(
                Code::NoTwoFortyVolts,
                "$names must run and {$fit->supply->machine->name} gives 120 V only.",
                'Nothing on two poles will work from it.',
                'Pick a 120/240 V machine, or take the circuit off what must run.',
            );
        }
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Design\Design;

/** Every fault found in backup equipment that is there already. */
final class ExistingFaults implements Check
{
    public function findings(Design $design): iterable
    {
        foreach ($design->job->service->existing->faults() as $fault) {
            $said = new ExistingFaultFinding($fault);
            yield new Finding($said->code(), $said->statement(), $said->why(), $said->remedy());
        }
    }
}

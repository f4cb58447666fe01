<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\StandbyPlace;
use Underpin\Design\Design;
use Underpin\Job\ExistingFault;
use Underpin\Job\LocalRules;

/** Every fault found in backup equipment that is there already. */
final class ExistingFaults implements Check
{
    public function findings(Design $design): iterable
    {
        $isStandby = $design->supply()?->machine->form->isStandby() === true;
        foreach ($design->job->service->existing->faults() as $fault) {
            if ($fault === ExistingFault::EngineClose && $isStandby) {
                yield new Finding(
                    Code::ExistingStandbyDistance,
                    sprintf('The engine stands within %d ft of a door or window.', LocalRules::LEAST_PORTABLE_FT),
                    sprintf(
                        'For a portable that is deadly. A standby may stand nearer: %d ft from openings, or what its listing says. '
                        .'For carbon monoxide farther is always better.',
                        StandbyPlace::OPENINGS_FT,
                    ),
                    'Read its label, measure, and answer the question again. A portable that is used there is moved away today. '
                    .'The exhaust points away from every opening; carbon monoxide alarms on every floor.',
                );

                continue;
            }
            $said = new ExistingFaultFinding($fault);
            yield new Finding($said->code(), $said->statement(), $said->why(), $said->remedy());
        }
    }
}

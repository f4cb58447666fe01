<?php

declare(strict_types=1);

namespace Underpin\Checks;

use Underpin\Codebook\SiteDistances;
use Underpin\Design\Design;
use Underpin\Job\Plan\PlanItemKind;
use Underpin\Limit;

/** The inlet hangs where it is not reached at night: under the snow, or out of reach without a ladder. */
final class InletReach implements Check
{
    public function findings(Design $design): iterable
    {
        $snow = $design->job->site->snowIn;
        foreach ($design->job->plan->items ?? [] as $item) {
            $height = $item->kind === PlanItemKind::Inlet ? $item->heightIn : null;
            if ($height !== null && ($height <= ($snow ?? 0.0) || Limit::over($height, SiteDistances::INLET_HIGHEST_IN))) {
                yield new Finding(
                    Code::InletReach,
                    $height <= ($snow ?? 0.0)
                        ? sprintf('The inlet hangs at %s in; snow lies %s in deep.', number_format($height), number_format($snow ?? 0.0))
                        : sprintf('The inlet hangs at %s in: it is reached from a ladder.', number_format($height)),
                    'Somebody plugs it in at night, in the storm, with one hand on a flashlight.',
                    'Hang it above the deepest snow and below '.number_format(SiteDistances::INLET_HIGHEST_IN).' in, with a light over it.',
                );
            }
        }
    }
}

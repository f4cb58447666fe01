<?php

declare(strict_types=1);

namespace Underpin\Install\Section;

use Underpin\Checklist\StepKind;
use Underpin\Codebook\Source;
use Underpin\Install\Section;
use Underpin\Install\WorkSite;

/** Light that does not go out with the panel, and what is worn. */
final class Light extends Section
{
    protected function title(): string
    {
        return 'Light and protection';
    }

    public function steps(WorkSite $site): array
    {
        return $site->opened() === [] ? [] : [
            $this->step(
                'light', StepKind::Light, 'Work lights on batteries stand at every box that is opened, and one on the way out.',
                'The light of the room goes out with the panel.', Source::practice('work on a dead panel'),
            ),
            $this->step(
                'wear', StepKind::Record, 'Safety glasses, gloves and clothes for the arc and shock hazard of opening and testing; dry '
                    .'feet, no '
                    .'metal at the hands.',
                'Until it is proven dead it counts as live.', new Source('NFPA 70E', '120.5, 130.5'),
            ),
        ];
    }
}

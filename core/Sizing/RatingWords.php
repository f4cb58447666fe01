<?php

declare(strict_types=1);

namespace Underpin\Sizing;

use Underpin\Job\Machine;
use Underpin\Job\Rating;
use Underpin\Limit;
use Underpin\Say;

/** What a machine is advertised by against what it carries all day, in a sentence. */
final class RatingWords
{
    public static function peak(Machine $machine, Rating $rating): string
    {
        $run = Say::watts($rating->runW);

        return match (true) {
            $rating->peakW === null => "$run running; what it gives for a start is not known, and is taken as no more.",
            ! Limit::over($rating->peakW, $rating->runW) => "$run running, and no more than that for a start.",
            $machine->form->isBattery() => sprintf(
                '%s running and %s advertised peak: %s, then it shuts off.', $run, Say::watts($rating->peakW),
                $machine->stored->surgeS === null
                    ? 'for how long is not known'
                    : 'for '.Say::figure($machine->stored->surgeS).' s',
            ),
            default => sprintf(
                '%s running and %s advertised peak: %s of the peak is gone after seconds.', $run, Say::watts($rating->peakW),
                Say::watts($rating->peakW - $rating->runW),
            ),
        };
    }
}

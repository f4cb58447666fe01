<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\StageKey;

/** The years after: the logbook and what comes round. */
final class KeepStage implements Stage
{
    public function key(): StageKey
    {
        return StageKey::Keep;
    }

    public function title(): string
    {
        return 'Keep';
    }

    public function begun(Review $review): bool
    {
        $log = $review->design->job->log;

        return $log->entries !== [] || $log->services !== [];
    }

    public function missing(Review $review): array
    {
        return $review->design->job->handedOverOn() === '' ? ['The day of the hand-over: services count from there.']
            : [];
    }

    public function countsFrom(): Progress
    {
        return Progress::Part;
    }
}

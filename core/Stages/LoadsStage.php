<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\StageKey;

/** What matters when the power is out, and what it draws. */
final class LoadsStage implements Stage
{
    public function key(): StageKey
    {
        return StageKey::Loads;
    }

    public function title(): string
    {
        return 'Loads';
    }

    public function begun(Review $review): bool
    {
        return $review->design->plan()->must !== [] || $review->design->plan()->room !== [];
    }

    public function missing(Review $review): array
    {
        return $review->design->plan()->must === [] ? ['What must run.'] : [];
    }

    public function countsFrom(): Progress
    {
        return Progress::Part;
    }
}

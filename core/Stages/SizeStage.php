<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\Sizing\Verdict;
use Underpin\StageKey;

/** Which machine holds. */
final class SizeStage implements Stage
{
    public function key(): StageKey
    {
        return StageKey::Size;
    }

    public function title(): string
    {
        return 'Size';
    }

    public function begun(Review $review): bool
    {
        return $review->design->fit() !== null;
    }

    public function missing(Review $review): array
    {
        return match ($review->design->fit()?->verdict) {
            null => ['A generator to stand on.'],
            Verdict::Unknown => ['Figures for everything that must run.'],
            Verdict::Holds, Verdict::Tight, Verdict::Short => [],
        };
    }

    public function countsFrom(): Progress
    {
        return Progress::Part;
    }
}

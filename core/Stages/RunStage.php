<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\Outage\CardGap;
use Underpin\Outage\CardGaps;
use Underpin\StageKey;

/** The switching card. Everything before it makes it; only a card that can be handed over counts, and only behind work that is proven. */
final class RunStage implements DerivedStage
{
    public function key(): StageKey
    {
        return StageKey::Run;
    }

    public function title(): string
    {
        return 'Run';
    }

    public function begun(Review $review): bool
    {
        $design = $review->design;

        return $design->plan()->must !== [] && $design->supply() !== null && $design->way() !== null;
    }

    public function missing(Review $review): array
    {
        return array_map(fn (CardGap $gap): string => $gap->what, CardGaps::of($review));
    }

    public function countsFrom(): Progress
    {
        return Progress::Done;
    }
}

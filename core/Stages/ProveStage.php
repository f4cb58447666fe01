<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checklist\Checklist;
use Underpin\Checks\Review;
use Underpin\Prove\ProveList;
use Underpin\StageKey;

/** The commissioning. */
final class ProveStage extends ListedStage
{
    public function key(): StageKey
    {
        return StageKey::Prove;
    }

    public function title(): string
    {
        return 'Prove';
    }

    protected function checklist(Review $review): Checklist
    {
        return new Checklist(ProveList::of($review->design), $review->design->job->work);
    }
}

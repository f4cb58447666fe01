<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checklist\Checklist;
use Underpin\Checks\Review;
use Underpin\Install\InstallList;
use Underpin\StageKey;

/** The work itself, step by step. */
final class InstallStage extends ListedStage
{
    public function key(): StageKey
    {
        return StageKey::Install;
    }

    public function title(): string
    {
        return 'Install';
    }

    protected function checklist(Review $review): Checklist
    {
        return new Checklist(InstallList::of($review->design), $review->design->job->work);
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\StageKey;

/** One stage of the work: a new one is one class more, and its place in Stages. */
interface Stage
{
    public function key(): StageKey;

    public function title(): string;

    /** Something has been said or done in it. */
    public function begun(Review $review): bool;

    /** @return list<string> what is still to be said or done in it */
    public function missing(Review $review): array;

    /** How far it must be before the job counts as having come to it. */
    public function countsFrom(): Progress;
}

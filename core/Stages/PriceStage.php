<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\Pricing\Parts\PartsList;
use Underpin\StageKey;

/** What must be ordered for what will be built. */
final class PriceStage implements Stage
{
    public function key(): StageKey
    {
        return StageKey::PriceAndPapers;
    }

    public function title(): string
    {
        return 'Price and papers';
    }

    public function begun(Review $review): bool
    {
        return $review->design->assembly() !== null;
    }

    public function missing(Review $review): array
    {
        return array_map(fn (string $what): string => ucfirst($what).'.', PartsList::of($review->design)->missing);
    }

    /** A list of parts follows by itself: nobody has come to price a job for that. */
    public function countsFrom(): Progress
    {
        return Progress::Done;
    }
}

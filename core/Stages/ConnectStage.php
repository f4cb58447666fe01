<?php

declare(strict_types=1);

namespace Underpin\Stages;

use Underpin\Checks\Review;
use Underpin\Connection\Possible;
use Underpin\StageKey;

/** How the generator comes to the loads. */
final class ConnectStage implements Stage
{
    public function key(): StageKey
    {
        return StageKey::Connect;
    }

    public function title(): string
    {
        return 'Connect';
    }

    public function begun(Review $review): bool
    {
        return $review->design->connection() !== null;
    }

    public function missing(Review $review): array
    {
        return match ($review->design->connection()?->possible) {
            null => ['A way of connecting.'],
            Possible::NotKnown => ['What decides whether it is possible.'],
            Possible::Yes, Possible::No => [],
        };
    }

    public function countsFrom(): Progress
    {
        return Progress::Part;
    }
}

<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Checks\Facts;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\Severity;
use Underpin\Connection\Possible;
use Underpin\Sizing\Verdict;

/** Why a switching card must not be handed over yet: what it lacks, and every danger and wrong that stands. */
final class CardGaps
{
    /** @return list<string> each once */
    public static function of(Review $review): array
    {
        return array_values(array_unique([
            ...self::choices($review->facts),
            ...array_map(
                fn (Finding $f): string => $f->what,
                array_filter($review->findings, fn (Finding $f): bool => $f->severity !== Severity::Advice),
            ),
        ]));
    }

    /** @return list<string> what is not picked, or does not do what must be done */
    private static function choices(Facts $facts): array
    {
        $way = $facts->connection?->kind->words();
        $gaps = array_keys(array_filter([
            'No circuit is marked as must run.' => $facts->plan->must === [],
            'No generator is picked.' => $facts->fit === null,
            'The generator does not hold.' => $facts->fit?->verdict === Verdict::Short,
            'No way of connecting is picked.' => $facts->connection === null,
            "The way that was picked ($way) is not possible on this job." => $facts->connection?->possible === Possible::No,
            "Whether the way that was picked ($way) is possible here is not known yet." => $facts->connection?->possible === Possible::NotKnown,
        ]));
        foreach ($facts->connection->dead ?? [] as $circuit) {
            $gaps[] = "{$circuit->title()} must run and gets no power that way.";
        }

        return $gaps;
    }
}

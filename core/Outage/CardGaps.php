<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\Severity;
use Underpin\Connection\Possible;
use Underpin\Design\Design;
use Underpin\Sizing\Verdict;

/** Why a switching card must not be handed over yet: what it lacks, and every danger and wrong that stands. */
final class CardGaps
{
    /** @return list<string> each once */
    public static function of(Review $review): array
    {
        return array_values(array_unique([
            ...self::choices($review->design),
            ...array_map(
                fn (Finding $f): string => $f->what,
                array_filter($review->findings, fn (Finding $f): bool => $f->severity !== Severity::Advice),
            ),
        ]));
    }

    /** @return list<string> what is not picked, or does not do what must be done */
    private static function choices(Design $design): array
    {
        $way = $design->way()?->words();
        $gaps = array_keys(array_filter([
            'No circuit is marked as must run.' => $design->plan()->must === [],
            'No generator is picked.' => $design->fit() === null,
            'The generator does not hold.' => $design->fit()?->verdict === Verdict::Short,
            'No way of connecting is picked.' => $design->way() === null,
            "The way that was picked ($way) is not possible on this job." => $design->connection()?->possible === Possible::No,
            "Whether the way that was picked ($way) is possible here is not known yet." => $design->connection()?->possible
                === Possible::NotKnown,
        ]));
        foreach ($design->connection()->dead ?? [] as $circuit) {
            $gaps[] = "{$circuit->title()} must run and gets no power that way.";
        }

        return $gaps;
    }
}

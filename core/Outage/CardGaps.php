<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Checks\Severity;
use Underpin\Connection\Possible;
use Underpin\Design\Design;
use Underpin\Sizing\Verdict;
use Underpin\StageKey;

/** Why a switching card must not be handed over yet: what it lacks, and every danger and wrong that stands. */
final class CardGaps
{
    /** @return list<CardGap> each once */
    public static function of(Review $review): array
    {
        $gaps = [
            ...self::choices($review->design),
            ...array_map(
                fn (Finding $f): CardGap => new CardGap($f->what, $f->stage, $f->circuitId),
                array_filter($review->findings, fn (Finding $f): bool => $f->severity !== Severity::Advice),
            ),
        ];

        return array_values(array_combine(array_map(fn (CardGap $gap): string => $gap->what, $gaps), $gaps));
    }

    /** @return list<CardGap> what is not picked, or does not do what must be done */
    private static function choices(Design $design): array
    {
        $way = $design->way()?->words();
        $possible = $design->connection()?->possible;
        $gaps = [];
        foreach ([
            ['No circuit is marked as must run.', StageKey::Loads, $design->plan()->must === []],
            ['No generator is picked.', StageKey::Size, $design->fit() === null],
            ['The generator does not hold.', StageKey::Size, $design->fit()?->verdict === Verdict::Short],
            ['No way of connecting is picked.', StageKey::Connect, $design->way() === null],
            ["The way that was picked ($way) is not possible on this job.", StageKey::Connect, $possible === Possible::No],
            [
                "Whether the way that was picked ($way) is possible here is not known yet.", StageKey::Connect,
                $possible === Possible::NotKnown,
            ],
        ] as [$what, $stage, $isThere]) {
            if ($isThere) {
                $gaps[] = new CardGap($what, $stage);
            }
        }
        foreach ($design->connection()->dead ?? [] as $circuit) {
            $gaps[] = new CardGap("{$circuit->title()} must run and gets no power that way.", StageKey::Connect, $circuit->id);
        }

        return $gaps;
    }
}

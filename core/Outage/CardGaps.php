<?php

declare(strict_types=1);

namespace Underpin\Outage;

use Underpin\Checks\Facts;
use Underpin\Connection\InterlockOption;
use Underpin\Connection\Possible;
use Underpin\Service\Circuit;
use Underpin\Sizing\Verdict;

/** Why a switching card must not be handed over yet. */
final class CardGaps
{
    /** @return list<string> */
    public static function of(Facts $facts): array
    {
        return [...self::loads($facts), ...self::machine($facts), ...self::connection($facts), ...self::interlockSpaces($facts)];
    }

    /** @return list<string> */
    private static function loads(Facts $facts): array
    {
        return $facts->plan->must === [] ? ['No circuit is marked as must run.'] : [];
    }

    /** @return list<string> */
    private static function machine(Facts $facts): array
    {
        return match (true) {
            $facts->fit === null => ['No generator is picked.'],
            $facts->fit->verdict === Verdict::Short => ['The generator does not hold. '.$facts->fit->headline()],
            $facts->fit->verdict === Verdict::Unknown && $facts->plan->must !== [] => [$facts->fit->headline()],
            default => [],
        };
    }

    /**
     * As long as other breakers sit where the generator breaker goes, the card's numbers are wrong.
     *
     * @return list<string>
     */
    private static function interlockSpaces(Facts $facts): array
    {
        return array_map(
            fn (Circuit $c): string => "{$c->title()} still sits where the generator breaker goes: move it, then the numbers on this card are right.",
            InterlockOption::inTheWay($facts->job),
        );
    }

    /** @return list<string> */
    private static function connection(Facts $facts): array
    {
        $way = $facts->connection?->kind->words();
        $gaps = match ($facts->connection?->possible) {
            null => ['No way of connecting is picked.'],
            Possible::No => ["The $way is not possible on this job."],
            Possible::NotKnown => ["Whether the $way is possible here is not known yet."],
            Possible::Yes => [],
        };
        foreach ($facts->connection->dead ?? [] as $circuit) {
            $gaps[] = "{$circuit->title()} must run and gets no power through the $way.";
        }

        return $gaps;
    }
}

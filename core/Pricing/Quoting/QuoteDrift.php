<?php

declare(strict_types=1);

namespace Underpin\Pricing\Quoting;

use Underpin\Assembly\Task;
use Underpin\Design\Design;
use Underpin\Job\Quote\LineKind;
use Underpin\Job\Quote\Quote;
use Underpin\Job\Quote\QuotedLine;
use Underpin\Pricing\Book\PartPrice;
use Underpin\Pricing\Estimate\WorkLine;
use Underpin\Pricing\Estimate\WorkList;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;
use Underpin\Say;

/** What the design has become since a quote was handed over: parts and work that it does not hold, or holds otherwise. Without prices. */
final class QuoteDrift
{
    /** @return list<string> the quote still says what would be built, when there is none */
    public static function of(Design $design, Quote $quote): array
    {
        $quoted = $quote->way();
        $way = $design->way();
        $machine = $design->supply()?->machine->name ?? '';
        if ($way === null || $way->key() !== $quoted->way) {
            return ["{$quoted->words} in the quote, ".($way?->words() ?? 'no way of connecting').' now'];
        }

        return [
            ...$machine === $quoted->machine ? [] : [($machine === '' ? 'no machine' : $machine)." in the place of $quoted->machine"],
            ...self::against($quoted->lines, LineKind::Part, self::parts($design, $machine)),
            ...self::against($quoted->lines, LineKind::Work, self::work($design)),
        ];
    }

    /** @return array<string, array{string, float, string}> words, quantity and unit by key */
    private static function parts(Design $design, string $machine): array
    {
        $lines = array_filter(PartsList::of($design)->lines, fn (PartLine $line): bool => $line->part !== $machine);

        return array_column(array_map(
            fn (PartLine $line): array => [PartPrice::key($line->part), [$line->part, $line->quantity, $line->unit]], $lines,
        ), 1, 0);
    }

    /** @return array<string, array{string, float, string}> */
    private static function work(Design $design): array
    {
        $way = $design->way();
        // What takes no time is no line of a quote.
        $lines = $way === null ? [] : array_filter(
            WorkList::by($design, $way), fn (WorkLine $line): bool => ! in_array($line->task, [Task::Travel, Task::Permit], true),
        );

        return array_column(array_map(fn (WorkLine $line): array => [
            $line->task->value, [ucfirst($line->task->words()), $line->quantity, $line->task->unit()],
        ], $lines), 1, 0);
    }

    /**
     * @param  list<QuotedLine>  $quoted
     * @param  array<string, array{string, float, string}>  $now
     * @return list<string>
     */
    private static function against(array $quoted, LineKind $kind, array $now): array
    {
        $said = $seen = [];
        foreach ($quoted as $line) {
            if ($line->kind !== $kind || in_array($line->key, [Task::Travel->value, Task::Permit->value], true)) {
                continue;
            }
            $seen[$line->key] = true;
            $is = $now[$line->key][1] ?? 0.0;
            if (abs($is - $line->quantity) > 1e-9) {
                $said[] = sprintf('%s: %s %s, quoted %s', $line->words, Say::figure($is), $line->unit, Say::figure($line->quantity));
            }
        }
        foreach (array_diff_key($now, $seen) as [$words, $quantity, $unit]) {
            $said[] = sprintf('%s: %s %s, not quoted', $words, Say::figure($quantity), $unit);
        }

        return $said;
    }
}

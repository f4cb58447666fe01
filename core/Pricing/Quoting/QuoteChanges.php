<?php

declare(strict_types=1);

namespace Underpin\Pricing\Quoting;

use Underpin\Job\Quote\Quote;
use Underpin\Job\Quote\QuotedLine;
use Underpin\Job\Quote\QuotedWay;
use Underpin\Money;
use Underpin\Say;

/** What one revision of a quote says otherwise than another, and what that does to the sum. */
final class QuoteChanges
{
    /** @return list<string> sentences; none: nothing that a customer would see */
    public static function between(Quote $old, Quote $new): array
    {
        $changes = [];
        $before = array_column(array_map(fn (QuotedWay $way): array => [$way->way, $way], $old->ways), 1, 0);
        foreach ($new->ways as $way) {
            array_push($changes, ...isset($before[$way->way]) ? self::ways($before[$way->way], $way, count($new->ways) > 1) : [
                ucfirst($way->words).' is offered now, for '.$way->total()->words().'.',
            ]);
            unset($before[$way->way]);
        }
        foreach ($before as $gone) {
            $changes[] = ucfirst($gone->words).' is not offered any more.';
        }

        return [...$changes, ...self::terms($old, $new)];
    }

    /** @return list<string> */
    private static function ways(QuotedWay $old, QuotedWay $new, bool $isOneOfMany): array
    {
        $of = fn (string $what): string => $isOneOfMany ? ucfirst($new->words).": $what" : ucfirst($what);
        $sum = self::sum($old->total(), $new->total());

        return array_values(array_filter([
            $old->machine === $new->machine ? '' : $of("$new->machine in the place of $old->machine."),
            $old->powers === $new->powers ? '' : $of("it powers $new->powers."),
            ...array_map(fn (string $line): string => $of("$line."), self::lines(
                array_map(fn (QuotedLine $line): array => [$line->id(), $line], $old->lines),
                array_map(fn (QuotedLine $line): array => [$line->id(), $line], $new->lines),
            )),
            $sum === '' ? '' : $of($sum),
        ]));
    }

    /**
     * @param  list<array{string, QuotedLine}>  $old
     * @param  list<array{string, QuotedLine}>  $new
     * @return list<string>
     */
    private static function lines(array $old, array $new): array
    {
        $before = array_column($old, 1, 0);
        $after = array_column($new, 1, 0);
        $said = [];
        foreach ($after as $id => $line) {
            $was = $before[$id] ?? null;
            $said[] = match (true) {
                $was === null => "$line->words is new, {$line->price->words()}",
                $was->quantity !== $line->quantity => sprintf(
                    '%s: %s %s in the place of %s', $line->words, Say::figure($line->quantity), $line->unit, Say::figure($was->quantity),
                ),
                $was->price->cents !== $line->price->cents => sprintf(
                    '%s costs %s in the place of %s', $line->words, $line->price->words(), $was->price->words(),
                ),
                default => '',
            };
        }
        foreach (array_diff_key($before, $after) as $gone) {
            $said[] = "$gone->words is left out, {$gone->price->words()}";
        }

        return array_values(array_filter($said, fn (string $line): bool => $line !== ''));
    }

    private static function sum(Money $old, Money $new): string
    {
        $more = $new->less($old);

        return $more->isNone() ? '' : sprintf(
            'the sum is %s, %s %s than before.', $new->words(), Money::cents(abs($more->cents))->words(), $more->cents > 0 ? 'more'
                : 'less',
        );
    }

    /** @return list<string> */
    private static function terms(Quote $old, Quote $new): array
    {
        return array_values(array_filter([
            $old->terms === $new->terms ? '' : 'The terms are other than before.',
            $old->depositPct === $new->depositPct ? '' : sprintf(
                'The deposit is %s in the place of %s.', Say::pct($new->depositPct), Say::pct($old->depositPct),
            ),
            $old->note === $new->note ? '' : 'The note is other than before.',
        ]));
    }
}

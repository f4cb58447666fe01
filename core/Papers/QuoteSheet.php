<?php

declare(strict_types=1);

namespace Underpin\Papers;

use Underpin\Drawing\Signature\SignatureDrawing;
use Underpin\Job\Customer;
use Underpin\Job\Quote\Answer;
use Underpin\Job\Quote\LineKind;
use Underpin\Job\Quote\Quote;
use Underpin\Job\Quote\QuotedLine;
use Underpin\Job\Quote\QuotedWay;
use Underpin\Money;
use Underpin\Say;

/** A quote as a paper for the customer: what each way gives and costs, what it is made of, the terms, and the answer. */
final class QuoteSheet
{
    /** @return list<Block> */
    public static function blocks(Quote $quote, Customer $customer): array
    {
        $several = count($quote->ways) > 1;
        $compared = self::compared($quote);

        return [
            Block::words("For {$customer->words('the customer')}. It holds until $quote->until."),
            ...$quote->note === '' ? [] : [Block::words($quote->note)],
            ...$quote->changes === [] ? [] : [
                Block::heading('What is other than in the quote before'), ...array_map(Block::words(...), $quote->changes),
            ],
            Block::heading($several ? 'The ways, side by side' : 'What it is, and what it costs'), Block::table($compared,
                array_search('Total', array_column($compared, 0), true) ?: null),
            ...array_merge(...array_map(fn (QuotedWay $way): array => [
                Block::heading($several ? ucfirst($way->words).', what it is made of' : 'What it is made of'),
                Block::table(self::lines($way)),
            ], $quote->ways)),
            ...$quote->terms === '' ? [] : [Block::heading('Terms'), Block::words($quote->terms)],
            ...self::answer($quote),
        ];
    }

    /** @return list<list<string>> */
    private static function compared(Quote $quote): array
    {
        $kind = fn (LineKind $kind): array => self::row($quote,
            $kind->words(), fn (QuotedWay $way): string => ($way->byKind()[$kind->value] ?? Money::none())->words(),
        );
        $has = fn (LineKind $kind): bool => array_filter($quote->ways, fn (QuotedWay $w): bool => isset($w->byKind()[$kind->value])) !== [];

        return [
            self::row($quote, '', fn (QuotedWay $way): string => ucfirst($way->words)),
            self::row($quote, 'Generator', fn (QuotedWay $way): string => $way->machine),
            self::row($quote, 'Runs', fn (QuotedWay $way): string => $way->powers === '' ? 'nothing' : $way->powers),
            self::row($quote, 'Stays dark', fn (QuotedWay $way): string => $way->dead === '' ? 'none of what must run' : $way->dead),
            self::row($quote, 'Asks at night', fn (QuotedWay $way): string => $way->night),
            ...array_map($kind, array_values(array_filter(LineKind::cases(), $has))),
            self::row($quote, 'Sales tax', fn (QuotedWay $way): string => $way->tax->words()),
            self::row($quote, 'Total', fn (QuotedWay $way): string => $way->total()->words()),
            ...$quote->depositPct <= 0.0 ? [] : [self::row($quote,
                'Deposit, '.Say::pct($quote->depositPct), fn (QuotedWay $way): string => $quote->deposit($way)->words(),
            )],
        ];
    }

    /**
     * @param  callable(QuotedWay): string  $cell
     * @return list<string>
     */
    private static function row(Quote $quote, string $head, callable $cell): array
    {
        return [$head, ...array_map($cell, $quote->ways)];
    }

    /** @return list<list<string>> */
    private static function lines(QuotedWay $way): array
    {
        return [['What', 'Quantity', ''], ...array_map(
            fn (QuotedLine $line): array => [$line->words, Say::figure($line->quantity), $line->unit], $way->lines,
        )];
    }

    /** @return list<Block> */
    private static function answer(Quote $quote): array
    {
        $answer = $quote->answer;
        if ($answer === null) {
            return [
                Block::heading('Accepted'),
                Block::toFill(...count($quote->ways) > 1 ? ['Which of the ways'] : [], ...['Name', 'Signature and date']),
            ];
        }

        return [
            Block::heading('Answer'), Block::words(self::said($quote, $answer)),
            ...$answer->signature === null ? [] : [Block::mark(SignatureDrawing::of($answer->signature))],
        ];
    }

    private static function said(Quote $quote, Answer $answer): string
    {
        $which = $answer->way === null || count($quote->ways) < 2 ? '' : ": {$quote->way()->words}";

        return ucfirst($answer->kind->words())."$which. $answer->name, $answer->on.";
    }
}

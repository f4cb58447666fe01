<?php

declare(strict_types=1);

namespace Underpin\Pricing;

use Underpin\Job\Quote\LineKind;
use Underpin\Money;
use Underpin\Pricing\Estimate\Estimate;
use Underpin\Pricing\Estimate\Priced;

/** What a way costs beside the machine, before tax, for comparing one with another; what is not in it is named. */
final readonly class Cost
{
    /** @param  list<string>  $open  what is not in it */
    private function __construct(public Money $sum, public float $hours, public array $open)
    {
    }

    public static function of(Estimate $estimate): self
    {
        $open = array_values(array_diff($estimate->open, self::notCompared($estimate)));

        return new self($estimate->sum(LineKind::Part, LineKind::Work, LineKind::Fee), $estimate->hours(), $open);
    }

    /** @return list<string> the same for every way: the machine, and what is added at the end */
    private static function notCompared(Estimate $estimate): array
    {
        $machine = array_filter($estimate->lines, fn (Priced $line): bool => $line->kind === LineKind::Machine);

        return [
            'who supplies the machine', 'the sales tax',
            ...array_values(array_map(fn (Priced $line): string => "price of $line->words", $machine)),
        ];
    }
}

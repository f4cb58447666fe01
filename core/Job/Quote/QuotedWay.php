<?php

declare(strict_types=1);

namespace Underpin\Job\Quote;

use Underpin\Money;

/** One of the ways that a quote sets beside each other, as it was handed over. */
final readonly class QuotedWay
{
    /**
     * @param  string  $way  its word in a job file
     * @param  string  $words  as it is said
     * @param  string  $machine  name of the generator
     * @param  string  $powers  which circuits run
     * @param  string  $dead  which of those that must run do not; empty: all do
     * @param  string  $night  what the night asks of the owner
     * @param  list<QuotedLine>  $lines
     */
    public function __construct(
        public string $way, public string $words, public string $machine, public string $powers, public string $dead, public string $night,
        public array $lines, public Money $tax,
    ) {
    }

    /** Before tax. */
    public function sum(): Money
    {
        return Money::none()->plus(...array_map(fn (QuotedLine $line): Money => $line->price, $this->lines));
    }

    public function total(): Money
    {
        return $this->sum()->plus($this->tax);
    }

    /** @return array<string, Money> what each kind of line comes to, by the kind */
    public function byKind(): array
    {
        $sums = [];
        foreach ($this->lines as $line) {
            $sums[$line->kind->value] = ($sums[$line->kind->value] ?? Money::none())->plus($line->price);
        }

        return $sums;
    }
}

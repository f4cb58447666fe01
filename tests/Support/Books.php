<?php

declare(strict_types=1);

namespace Tests\Support;

use Underpin\Assembly\Task;
use Underpin\Connection\Ways;
use Underpin\Design\Design;
use Underpin\Job\Job;
use Underpin\Money;
use Underpin\Pricing\Book\PartPrice;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Book\TaskPrice;
use Underpin\Pricing\Book\Terms;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;

/** Price books whose sums are easily added up. */
final class Books
{
    /** Every part of the job by any way costs a dollar, an hour ten, permit and travel a dollar; nothing is added, no tax. */
    public static function dollars(Job $job, ?Terms $terms = null): PriceBook
    {
        $design = new Design($job);
        $parts = [];
        foreach (Ways::standard()->all() as $way) {
            array_push($parts, ...array_map(
                fn (PartLine $line): PartPrice => new PartPrice($line->part, $line->unit, price: Money::usd(1)),
                PartsList::by($design, $way)->lines,
            ));
        }

        return new PriceBook(
            $parts, [new TaskPrice(Task::Permit, price: Money::usd(1)), new TaskPrice(Task::Travel, price: Money::usd(1))],
            $terms ?? new Terms(Money::usd(10), 0, 0),
        );
    }
}

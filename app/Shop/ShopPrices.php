<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\PartPrice;
use App\Models\PriceRow;
use App\Models\Shop;
use Underpin\Assembly\Task;
use Underpin\Money;
use Underpin\Pricing\Book\PriceBook;
use Underpin\Pricing\Book\TaskPrice;
use Underpin\Pricing\Book\Terms;

/** The shop's price book as the core knows it. */
final class ShopPrices
{
    public static function book(Shop $shop): PriceBook
    {
        $tasks = [];
        foreach ($shop->priceRows as $row) {
            $task = Task::tryFrom($row->item);
            array_push($tasks, ...$task === null ? [] : [self::task($task, $row)]);
        }

        return new PriceBook(
            array_values($shop->partPrices->map(fn (PartPrice $row) => $row->core())->all()), $tasks, self::terms($shop),
        );
    }

    public static function terms(Shop $shop): Terms
    {
        $kept = array_intersect_key(
            $shop->terms ?? [], array_flip(array_map(fn ($field): string => $field->name, Terms::form()->fields())),
        );

        return Terms::read(Terms::form()->read((object) $kept));
    }

    private static function task(Task $task, PriceRow $row): TaskPrice
    {
        return new TaskPrice($task, $row->hours, $row->price_usd === null ? null : Money::usd($row->price_usd));
    }
}

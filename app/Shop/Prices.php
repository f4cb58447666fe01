<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\PriceRow;
use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Underpin\Connection\Item;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Pricing\PriceBook;
use Underpin\Pricing\PriceRow as CoreRow;

/** The shop's price book: a row for each thing that the ways of connecting take. */
final class Prices implements SheetThing
{
    public static function book(Shop $shop): PriceBook
    {
        $rows = [];
        foreach ($shop->priceRows as $row) {
            $item = Item::tryFrom($row->item);
            array_push($rows, ...$item === null ? [] : [new CoreRow($item, $row->price_usd, $row->hours)]);
        }

        return new PriceBook($rows);
    }

    public function word(): string
    {
        return 'price';
    }

    public function of(int $shopId): Builder
    {
        return PriceRow::query()->where('shop_id', $shopId);
    }

    public function keyColumn(): string
    {
        return 'item';
    }

    public function page(): string
    {
        return 'prices';
    }

    public function form(): Form
    {
        return PriceBook::form();
    }

    public function title(Values $line): string
    {
        return ucfirst(Item::from($line->text('item'))->words());
    }

    public function same(int $shopId, Values $line): ?PriceRow
    {
        return PriceRow::query()->where('shop_id', $shopId)->where('item', $line->text('item'))->first();
    }

    public function newKey(int $shopId, Values $line): string
    {
        return $line->text('item');
    }

    public function columns(string $key, Values $line): array
    {
        return ['item' => $key, 'price_usd' => $line->numberOrNull('price_usd'), 'hours' => $line->numberOrNull('hours')];
    }

    public function line(Model $row): array
    {
        return $row instanceof PriceRow ? ['item' => $row->item, 'price_usd' => $row->price_usd, 'hours' => $row->hours] : [];
    }
}

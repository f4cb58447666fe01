<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\PriceRow;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Underpin\Assembly\Task;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Pricing\Book\TaskPrice;

/** The hours that the shop takes for its work, and the fees that come with it. */
final class TaskPrices implements SheetThing
{
    public function word(): string
    {
        return 'work';
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
        return TaskPrice::form();
    }

    public function title(Values $line): string
    {
        return ucfirst(Task::from($line->text('item'))->words());
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

    public function follows(array $changed): array
    {
        return [];
    }

    public function line(Model $row): array
    {
        return $row instanceof PriceRow ? ['item' => $row->item, 'hours' => $row->hours, 'price_usd' => $row->price_usd] : [];
    }
}

<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\Shop;
use Illuminate\Database\Eloquent\Builder;

/** How the shop prices its work, and what stands under its quotes. */
final class ShopTerms implements ShopThing
{
    public function word(): string
    {
        return 'terms';
    }

    public function of(int $shopId): Builder
    {
        return Shop::query()->where('id', $shopId);
    }

    public function keyColumn(): string
    {
        return 'id';
    }

    public function page(): string
    {
        return 'prices';
    }
}

<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\LibraryLoad;
use Illuminate\Database\Eloquent\Builder;

final class LibraryLoads implements ShopThing
{
    public function word(): string
    {
        return 'load';
    }

    public function of(int $shopId): Builder
    {
        return LibraryLoad::query()->where('shop_id', $shopId);
    }

    public function keyColumn(): string
    {
        return 'id';
    }

    public function page(): string
    {
        return 'catalogue';
    }
}

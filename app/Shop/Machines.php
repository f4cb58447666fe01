<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\Machine;
use Illuminate\Database\Eloquent\Builder;

final class Machines implements ShopThing
{
    public function word(): string
    {
        return 'machine';
    }

    public function of(int $shopId): Builder
    {
        return Machine::query()->where('shop_id', $shopId);
    }

    public function keyColumn(): string
    {
        return 'key';
    }

    public function page(): string
    {
        return 'catalogue';
    }
}

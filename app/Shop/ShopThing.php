<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\LibraryLoad;
use App\Models\RuleProfile;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** What belongs to the shop and has a history: by its word in the history. */
enum ShopThing: string
{
    case Load = 'load';
    case Rules = 'rules';

    /** @return Builder<covariant Model> of the things of a shop */
    public function of(int $shopId): Builder
    {
        return match ($this) {
            self::Load => LibraryLoad::query()->where('shop_id', $shopId),
            self::Rules => RuleProfile::query()->where('shop_id', $shopId),
        };
    }

    /** The column that the history knows it by. */
    public function keyColumn(): string
    {
        return match ($this) {
            self::Load => 'id',
            self::Rules => 'key',
        };
    }

    public function page(): string
    {
        return match ($this) {
            self::Load => 'catalogue',
            self::Rules => 'rules.index',
        };
    }
}

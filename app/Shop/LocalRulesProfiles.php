<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\RuleProfile;
use Illuminate\Database\Eloquent\Builder;

final class LocalRulesProfiles implements ShopThing
{
    public function word(): string
    {
        return 'rules';
    }

    public function of(int $shopId): Builder
    {
        return RuleProfile::query()->where('shop_id', $shopId);
    }

    public function keyColumn(): string
    {
        return 'key';
    }

    public function page(): string
    {
        return 'rules.index';
    }
}

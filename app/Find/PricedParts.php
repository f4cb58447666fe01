<?php

declare(strict_types=1);

namespace App\Find;

use App\Models\Job;
use App\Models\PartPrice;
use App\Models\User;

/** Parts of the shop's price book, at their price. */
final class PricedParts implements Place
{
    private const MOST = 6;

    public function find(string $text, User $user, ?Job $open): array
    {
        $parts = PartPrice::query()->where('shop_id', $user->shop_id)
            ->where('part', 'like', '%'.addcslashes($text, '%_\\').'%')->orderBy('part')->limit(self::MOST)->get();

        return array_values($parts->map(fn (PartPrice $part): Found => new Found(
            $part->part, 'part, '.($part->price_cents === null ? 'no price yet' : '$'.number_format($part->price_cents / 100, 2)),
            route('prices')."#part-$part->key",
        ))->all());
    }
}

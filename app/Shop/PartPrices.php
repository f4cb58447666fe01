<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\PartPrice;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Pricing\Book\PartPrice as CorePrice;

/** What the shop pays for parts, each known by its words. */
final class PartPrices implements SheetThing
{
    public function word(): string
    {
        return 'part';
    }

    public function of(int $shopId): Builder
    {
        return PartPrice::query()->where('shop_id', $shopId);
    }

    public function keyColumn(): string
    {
        return 'key';
    }

    public function page(): string
    {
        return 'prices';
    }

    public function form(): Form
    {
        return CorePrice::form();
    }

    public function title(Values $line): string
    {
        $usd = $line->numberOrNull('price_usd');

        return $line->text('part').': '.($usd === null ? 'no price' : '$'.number_format($usd, 2));
    }

    public function same(int $shopId, Values $line): ?PartPrice
    {
        return PartPrice::query()->where('shop_id', $shopId)->where('key', $this->newKey($shopId, $line))->first();
    }

    public function newKey(int $shopId, Values $line): string
    {
        return mb_substr(CorePrice::key($line->text('part')), 0, 160);
    }

    public function columns(string $key, Values $line): array
    {
        $price = CorePrice::read($line, now()->toDateString());

        return [
            'key' => $this->newKey(0, $line), 'part' => $price->part, 'unit' => $price->unit, 'pack' => $price->pack,
            'price_cents' => $price->price?->cents, 'price_on' => $price->on, 'supplier' => $price->supplier,
            'lead_days' => $price->leadDays,
        ];
    }

    /** A price that was typed is that of the day; no price is of no day. */
    public function follows(array $changed): array
    {
        $usd = $changed['price_usd'] ?? null;

        return $usd === null || array_key_exists('price_on', $changed) ? []
            : ['price_on' => trim($usd) === '' ? null : now()->toDateString()];
    }

    public function line(Model $row): array
    {
        return $row instanceof PartPrice ? [
            'part' => $row->part, 'unit' => $row->unit, 'pack' => $row->pack,
            'price_usd' => $row->price_cents === null ? null : $row->price_cents / 100, 'price_on' => $row->price_on,
            'supplier' => $row->supplier, 'lead_days' => $row->lead_days,
        ] : [];
    }
}

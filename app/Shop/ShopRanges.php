<?php

declare(strict_types=1);

namespace App\Shop;

use App\Models\Shop;
use App\Models\ShopRange;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Underpin\Codebook\Acceptance;
use Underpin\Form\Form;
use Underpin\Form\Values;
use Underpin\Job\Part\WorkPart;
use Underpin\Job\Work\OwnRange;

/** The ranges of the commissioning that the shop holds itself to. A job keeps a copy, so that an old proof does not change by itself. */
final class ShopRanges implements SheetThing
{
    /** @return list<OwnRange> those of which at least one end is set */
    public static function own(Shop $shop): array
    {
        $set = $shop->ranges()->where(fn ($query) => $query->whereNotNull('low')->orWhereNotNull('high'))->orderBy('of')->get()->all();

        return array_values(array_map(fn (ShopRange $r): OwnRange => new OwnRange($r->of, $r->low, $r->high, true), $set));
    }

    public function word(): string
    {
        return 'range';
    }

    public function of(int $shopId): Builder
    {
        return ShopRange::query()->where('shop_id', $shopId);
    }

    public function keyColumn(): string
    {
        return 'of';
    }

    public function page(): string
    {
        return 'rules.index';
    }

    public function form(): Form
    {
        return WorkPart::rangeOfShop();
    }

    public function title(Values $line): string
    {
        return 'Range of '.Acceptance::from($line->text('of'))->words();
    }

    public function same(int $shopId, Values $line): ?ShopRange
    {
        return ShopRange::query()->where('shop_id', $shopId)->where('of', $line->text('of'))->first();
    }

    public function newKey(int $shopId, Values $line): string
    {
        return $line->text('of');
    }

    public function columns(string $key, Values $line): array
    {
        $ends = ['low' => $line->numberOrNull('low'), 'high' => $line->numberOrNull('high')];
        if ($ends !== ['low' => null, 'high' => null]) {
            new OwnRange($key, $ends['low'], $ends['high'], true);
        }

        return ['of' => $key, ...$ends];
    }

    public function line(Model $row): array
    {
        return $row instanceof ShopRange ? ['of' => $row->of, 'low' => $row->low, 'high' => $row->high] : [];
    }
}

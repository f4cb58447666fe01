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
use Underpin\Job\Work\Work;

/** The ranges of the commissioning that the shop holds itself to. A job keeps a copy, so that an old proof does not change by itself. */
final class ShopRanges implements SheetThing
{
    /** @return list<OwnRange> those of which at least one end is set */
    public static function own(Shop $shop): array
    {
        $set = $shop->ranges()->where(fn ($query) => $query->whereNotNull('low')->orWhereNotNull('high'))->orderBy('of')->get()->all();

        return array_values(array_map(fn (ShopRange $r): OwnRange => new OwnRange($r->of, $r->low, $r->high, true), $set));
    }

    /** @return list<OwnRange> of a job that takes those of the shop: what stands on a label stays */
    public static function takenBy(Work $work, Shop $shop): array
    {
        $labels = array_values(array_filter($work->ranges, fn (OwnRange $r): bool => ! $r->ofShop));
        $taken = array_column($labels, 'id');

        return [...$labels, ...array_values(array_filter(self::own($shop), fn (OwnRange $r): bool => ! in_array($r->id, $taken, true)))];
    }

    /** @return list<Acceptance> whose range would be another one then */
    public static function others(Work $work, Shop $shop): array
    {
        $would = $work->with(ranges: self::takenBy($work, $shop));

        return array_values(array_filter(
            Acceptance::cases(), fn (Acceptance $of): bool => $would->range($of->value) != $work->range($of->value),
        ));
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

    public function follows(array $changed): array
    {
        return [];
    }

    public function line(Model $row): array
    {
        return $row instanceof ShopRange ? ['of' => $row->of, 'low' => $row->low, 'high' => $row->high] : [];
    }
}

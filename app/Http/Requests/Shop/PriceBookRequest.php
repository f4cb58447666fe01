<?php

declare(strict_types=1);

namespace App\Http\Requests\Shop;

use App\Http\Requests\CoreRequest;
use Underpin\Connection\Item;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Pricing\PriceBook;

/** The whole price book at once: a price and hours for every item. */
final class PriceBookRequest extends CoreRequest
{
    public const COLUMNS = ['price_usd', 'hours'];

    public function form(): Form
    {
        return new Form(...array_merge(...array_map(self::fields(...), Item::cases())));
    }

    /** @return list<Field> */
    public static function fields(Item $item): array
    {
        return array_map(function (string $column) use ($item): Field {
            $field = PriceBook::form()->field($column);

            return $field->named(self::name($column, $item))->label(ucfirst($item->words()).', '.lcfirst($field->label));
        }, self::COLUMNS);
    }

    public static function name(string $column, Item $item): string
    {
        return $column.'_'.str_replace('-', '_', $item->value);
    }
}

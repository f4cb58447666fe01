<?php

declare(strict_types=1);

namespace Underpin\Pricing;

use Underpin\Connection\Item;
use Underpin\Form\Field;
use Underpin\Form\Form;
use Underpin\Form\Unit;

/** The prices of a shop. What it does not price has none; what it says no hours of takes the usual ones. */
final readonly class PriceBook
{
    /** @var array<string, PriceRow> by item */
    private array $rows;

    /** @param  list<PriceRow>  $rows */
    public function __construct(array $rows = [])
    {
        $byItem = [];
        foreach ($rows as $row) {
            $byItem[$row->item->value] = $row;
        }
        $this->rows = $byItem;
    }

    /** A row as a page and a sheet know it. */
    public static function form(): Form
    {
        /** @var ?Form $form */
        static $form = null;

        return $form ??= new Form(
            Field::enum('item', 'what it is', Item::class)->label('Item'),
            Field::number(
                'price_usd', 'dollars for one',
            )->label('Price')->in(Unit::Dollars)->atMost(PriceRow::MOST_USD)->optional('not said'),
            Field::number(
                'hours', 'hours that one takes',
            )->label('Hours')->in(Unit::Hours)->atMost(PriceRow::MOST_H)->optional('the usual'),
        );
    }

    /** Dollars for one; null: not said. */
    public function usd(Item $item): ?float
    {
        return ($this->rows[$item->value] ?? null)?->usd;
    }

    public function hours(Item $item): float
    {
        return ($this->rows[$item->value] ?? null)->hours ?? $item->usualHours();
    }
}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a shop asks for one thing of its price book.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $item
 * @property ?float $price_usd
 * @property ?float $hours
 */
final class PriceRow extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['price_usd' => 'float', 'hours' => 'float'];
    }
}

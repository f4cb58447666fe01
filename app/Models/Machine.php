<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A generator in the catalogue of a shop.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $key
 * @property string $name
 * @property string $form
 * @property int $volts
 * @property string $outlet
 * @property int $outlet_a
 * @property string $neutral
 * @property bool $gfci
 * @property list<array{fuel: string, run_w: float, peak_w: float}> $ratings
 * @property int $price_usd
 */
final class Machine extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'volts' => 'integer', 'outlet_a' => 'integer', 'gfci' => 'boolean', 'ratings' => 'array', 'price_usd' => 'integer',
        ];
    }
}

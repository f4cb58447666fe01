<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Between what a reading of the commissioning must lie where this shop works; both ends null: as is usual.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $of
 * @property ?float $low
 * @property ?float $high
 */
final class ShopRange extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['low' => 'float', 'high' => 'float'];
    }
}

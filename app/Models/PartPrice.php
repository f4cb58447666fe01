<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Underpin\Money;
use Underpin\Pricing\Book\PartPrice as CorePrice;

/**
 * What a shop pays for a part.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $key
 * @property string $part
 * @property string $unit
 * @property float $pack
 * @property ?int $price_cents
 * @property ?string $price_on
 * @property string $supplier
 * @property ?int $lead_days
 */
final class PartPrice extends Model
{
    protected $guarded = [];

    public function core(): CorePrice
    {
        return new CorePrice(
            $this->part, $this->unit, $this->pack, $this->price_cents === null ? null : Money::cents($this->price_cents), $this->price_on,
            $this->supplier, $this->lead_days,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['pack' => 'float', 'price_cents' => 'integer', 'lead_days' => 'integer'];
    }
}

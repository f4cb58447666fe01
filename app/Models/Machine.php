<?php

declare(strict_types=1);

namespace App\Models;

use App\JobFile\JobRows;
use Illuminate\Database\Eloquent\Model;
use Underpin\Job\Machine as CoreMachine;

/**
 * A generator or a battery station in the catalogue of a shop.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $key
 * @property string $name
 * @property string $form
 * @property int $volts
 * @property string $outlet
 * @property int $outlet_a
 * @property ?string $neutral
 * @property ?bool $gfci
 * @property list<array<string, float|int|string|null>> $ratings
 * @property ?int $price_usd
 * @property ?array<string, mixed> $more
 * @property bool $retired
 */
final class Machine extends Model
{
    protected $guarded = [];

    public function core(): CoreMachine
    {
        return JobRows::machine([
            'id' => $this->key, 'name' => $this->name, 'form' => $this->form, 'volts' => $this->volts, 'outlet' => $this->outlet,
            'outlet_a' => $this->outlet_a, 'neutral' => $this->neutral, 'gfci' => $this->gfci, 'ratings' => $this->ratings,
            'price_usd' => $this->price_usd, ...$this->more ?? [],
        ]);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'volts' => 'integer', 'outlet_a' => 'integer', 'gfci' => 'boolean', 'ratings' => 'array', 'price_usd' => 'integer',
            'more' => 'array', 'retired' => 'boolean',
        ];
    }
}

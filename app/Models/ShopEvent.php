<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One step in the history of what belongs to the shop: a load of its library, a profile of local rules.
 *
 * @property int $id
 * @property int $shop_id
 * @property ?int $user_id
 * @property string $by name of who did it
 * @property string $label
 * @property string $of
 * @property string $of_key
 * @property ?array<string, mixed> $was columns before; null: it was not there
 * @property ?array<string, mixed> $became columns after; null: it is not there any more
 * @property Carbon $created_at
 */
final class ShopEvent extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['was' => 'array', 'became' => 'array', 'created_at' => 'datetime'];
    }
}

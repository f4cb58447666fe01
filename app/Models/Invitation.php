<?php

declare(strict_types=1);

namespace App\Models;

use App\Access\PersonRole;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Somebody who may come into a shop, once, with the link that was mailed.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $email
 * @property PersonRole $role
 * @property string $by
 * @property string $token hash of what the link says
 * @property Carbon $expires_at
 * @property Shop $shop
 */
final class Invitation extends Model
{
    protected $guarded = [];

    protected $hidden = ['token'];

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => PersonRole::class, 'expires_at' => 'datetime'];
    }
}

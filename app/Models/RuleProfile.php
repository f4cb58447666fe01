<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The local rules of one authority, as the shop keeps them.
 *
 * @property int $id
 * @property int $shop_id
 * @property string $key
 * @property array<string, mixed> $rules
 */
final class RuleProfile extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rules' => 'array'];
    }
}

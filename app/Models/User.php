<?php

declare(strict_types=1);

namespace App\Models;

use App\Access\PersonRole;
use App\Notifications\ResetPassword;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $shop_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property PersonRole $role
 * @property ?string $second_step_secret
 * @property ?Carbon $second_step_since
 * @property int $second_step_used
 * @property ?list<string> $recovery_codes hashes
 * @property ?string $feed hash of the address of the calendar feed
 * @property Shop $shop
 */
final class User extends Authenticatable
{
    use Notifiable;

    protected $guarded = [];

    /** As the database has it by default: somebody who is new is no owner. */
    protected $attributes = ['role' => PersonRole::Electrician->value, 'second_step_used' => 0];

    protected $hidden = ['password', 'remember_token', 'second_step_secret', 'recovery_codes', 'feed'];

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    public function hasSecondStep(): bool
    {
        return $this->second_step_since !== null;
    }

    /** @return list<string> what everybody knows of this person, for what may not be a password */
    public function known(): array
    {
        return [$this->name, $this->email, $this->shop->name];
    }

    public function sendPasswordResetNotification($token): void
    {
        $this->notify(new ResetPassword($token));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed', 'role' => PersonRole::class, 'second_step_secret' => 'encrypted', 'second_step_since' => 'datetime',
            'second_step_used' => 'integer', 'recovery_codes' => 'array',
        ];
    }
}

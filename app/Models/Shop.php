<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property string $phone
 * @property ?array<string, mixed> $terms
 * @property int $last_quote
 * @property-read \Illuminate\Database\Eloquent\Collection<int, PriceRow> $priceRows
 * @property-read \Illuminate\Database\Eloquent\Collection<int, PartPrice> $partPrices
 */
final class Shop extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['terms' => 'array'];
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Invitation, $this> */
    public function invitations(): HasMany
    {
        return $this->hasMany(Invitation::class);
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }

    /** @return HasMany<Machine, $this> */
    public function machines(): HasMany
    {
        return $this->hasMany(Machine::class);
    }

    /** @return HasMany<RuleProfile, $this> */
    public function ruleProfiles(): HasMany
    {
        return $this->hasMany(RuleProfile::class);
    }

    /** @return HasMany<PriceRow, $this> */
    public function priceRows(): HasMany
    {
        return $this->hasMany(PriceRow::class);
    }

    /** @return HasMany<PartPrice, $this> */
    public function partPrices(): HasMany
    {
        return $this->hasMany(PartPrice::class);
    }

    /** @return HasMany<ShopRange, $this> */
    public function ranges(): HasMany
    {
        return $this->hasMany(ShopRange::class);
    }

    /** @return HasMany<LibraryLoad, $this> */
    public function libraryLoads(): HasMany
    {
        return $this->hasMany(LibraryLoad::class);
    }
}

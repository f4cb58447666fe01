<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * The row of a job file; its panels, circuits and loads are rows of their own.
 *
 * @property int $id
 * @property-read Collection<int, Photo> $photos
 * @property-read Collection<int, Run> $photoRuns
 * @property int $shop_id
 * @property string $name
 * @property string $customer_name
 * @property string $customer_address
 * @property string $customer_phone
 * @property string $customer_email
 * @property ?string $customer_utility_phone
 * @property ?array<string, mixed> $rules
 * @property string $rules_profile
 * @property ?int $service_a
 * @property float $margin_pct
 * @property ?array<string, mixed> $machine
 * @property ?string $fuel
 * @property ?string $connection
 * @property ?float $cord_ft
 * @property ?float $run_ft
 * @property ?int $inlet_a
 * @property string $wire_method
 * @property string $wire_material
 * @property int $terminal_c
 * @property float $ambient_c
 * @property bool $wet
 * @property string $start_school
 * @property ?string $switch_kind
 * @property ?list<array{circuit: string, place: int}> $switch_places
 * @property ?array<string, mixed> $connection_more
 * @property ?array<string, mixed> $wire_more
 * @property ?array<string, mixed> $offer
 * @property ?array<string, mixed> $quotes
 * @property ?array<string, mixed> $agreed
 * @property ?array<string, mixed> $work
 * @property ?array<string, mixed> $log
 * @property ?list<array<string, string>> $dues
 * @property ?string $next_due
 * @property ?string $install_on
 * @property ?string $waits_for
 * @property ?string $mail_key
 * @property bool $mails_stopped
 * @property ?array<string, mixed> $growth
 * @property ?array<string, mixed> $set_aside
 * @property ?array<string, mixed> $site_plan
 * @property ?array<string, mixed> $fuel_kept
 * @property string $notes
 * @property ?list<array{question: string, found: bool}> $existing
 * @property ?array<string, mixed> $site
 * @property ?array<string, mixed> $demand
 * @property ?array<string, mixed> $service
 * @property ?array<string, mixed> $recorded
 * @property string $figures
 * @property string $figures_reason
 * @property string $reached
 * @property int $findings
 * @property ?string $worst
 * @property ?int $saved_by
 * @property ?Carbon $created_at
 * @property ?Carbon $updated_at
 * @property ?Carbon $deleted_at
 * @property ?User $savedBy
 * @property Shop $shop
 */
final class Job extends Model
{
    use SoftDeletes;

    /** A removed job is kept this long. */
    public const KEPT_DAYS = 90;

    protected $guarded = [];

    protected $attributes = ['notes' => '', 'customer_utility_phone' => '', 'figures' => 'list', 'figures_reason' => ''];

    /** @return HasMany<Panel, $this> */
    public function panels(): HasMany
    {
        return $this->hasMany(Panel::class);
    }

    /** @return HasMany<Circuit, $this> */
    public function circuits(): HasMany
    {
        return $this->hasMany(Circuit::class);
    }

    /** @return HasMany<Load, $this> */
    public function loads(): HasMany
    {
        return $this->hasMany(Load::class);
    }

    /** @return HasMany<IntervalRecord, $this> at most one */
    public function intervalRecords(): HasMany
    {
        return $this->hasMany(IntervalRecord::class);
    }

    /** @return HasMany<Recording, $this> */
    public function recordings(): HasMany
    {
        return $this->hasMany(Recording::class);
    }

    /** @return HasMany<Photo, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class);
    }

    /** @return HasMany<Run, $this> large photos on their way */
    public function photoRuns(): HasMany
    {
        return $this->hasMany(Run::class)->where('task', 'photo')->orderBy('id');
    }

    /** @return HasMany<JobEvent, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(JobEvent::class);
    }

    /** @return BelongsTo<Shop, $this> */
    public function shop(): BelongsTo
    {
        return $this->belongsTo(Shop::class);
    }

    /** @return BelongsTo<User, $this> */
    public function savedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'saved_by');
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'rules' => 'array', 'service_a' => 'integer', 'margin_pct' => 'float', 'machine' => 'array', 'existing' => 'array',
            'site' => 'array', 'demand' => 'array', 'service' => 'array', 'recorded' => 'array', 'switch_places' => 'array',
            'connection_more' => 'array',
            'wire_more' => 'array', 'growth' => 'array', 'set_aside' => 'array',
            'site_plan' => 'array', 'fuel_kept' => 'array', 'offer' => 'array',
            'quotes' => 'array', 'agreed' => 'array', 'work' => 'array', 'log' => 'array', 'dues' => 'array', 'mails_stopped' => 'boolean',
            'cord_ft' => 'float', 'run_ft' => 'float', 'inlet_a' => 'integer', 'terminal_c' => 'integer', 'ambient_c' => 'float',
            'wet' => 'boolean', 'findings' => 'integer',
        ];
    }
}

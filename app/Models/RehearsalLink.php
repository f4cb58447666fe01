<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Str;

/**
 * A link by which somebody of the house rehearses without an account: found by its hash, sealed for the card.
 *
 * @property int $id
 * @property int $job_id
 * @property int $user_id
 * @property string $hash
 * @property string $sealed
 * @property Carbon $expires_at
 * @property ?Carbon $ended_at
 */
final class RehearsalLink extends Model
{
    public const UPDATED_AT = null;

    private const LENGTH = 40;

    private const MONTHS = 13;

    protected $guarded = [];

    protected $casts = ['expires_at' => 'datetime', 'ended_at' => 'datetime'];

    /** A new one; those before end. */
    public static function renew(Job $job, User $by): string
    {
        self::end($job);
        $token = Str::random(self::LENGTH);
        self::query()->create([
            'job_id' => $job->id, 'user_id' => $by->id, 'hash' => self::hashed($token), 'sealed' => Crypt::encryptString($token),
            'expires_at' => now()->addMonths(self::MONTHS),
        ]);

        return route('rehearse', $token);
    }

    public static function end(Job $job): void
    {
        self::query()->where('job_id', $job->id)->whereNull('ended_at')->update(['ended_at' => now()]);
    }

    /** Null: there is none of that token, it is over, or its job is gone. */
    public static function of(string $token): ?self
    {
        $link = self::query()->where('hash', self::hashed($token))->whereNull('ended_at')->where('expires_at', '>', now())->first();

        return $link?->job === null ? null : $link;
    }

    /** Its address, for the card. */
    public function address(): string
    {
        return route('rehearse', Crypt::decryptString($this->sealed));
    }

    /** The one that works now; null: there is none. */
    public static function standing(Job $job): ?self
    {
        return self::query()->where('job_id', $job->id)->whereNull('ended_at')->where('expires_at', '>', now())->first();
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    private static function hashed(string $token): string
    {
        return hash('sha256', $token);
    }
}

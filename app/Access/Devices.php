<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Shop;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Where somebody is signed in: a session for each browser. */
final readonly class Devices
{
    /** @return list<Device> the one that was used last first */
    public static function of(User $user, string $here): array
    {
        $rows = self::rows($user)->where('last_activity', '>', self::lapsed())->orderByDesc('last_activity')
            ->get(['id', 'ip_address', 'user_agent', 'last_activity']);

        return array_values($rows->map(fn (object $row): Device => new Device(
            self::name((string) $row->id), Device::words((string) $row->user_agent), (string) $row->ip_address,
            Carbon::createFromTimestamp((int) $row->last_activity), $row->id === $here,
        ))->all());
    }

    /** Signs one out. Whoever "stays signed in" somewhere must sign in again once their session is over. */
    public static function end(User $user, string $name): bool
    {
        $found = self::rows($user)->pluck('id')->first(fn (mixed $id): bool => is_string($id) && hash_equals(self::name($id), $name));
        if (! is_string($found)) {
            return false;
        }
        self::forget($user);

        return self::rows($user)->where('id', $found)->delete() > 0;
    }

    public static function endAll(User $user, ?string $butHere = null): int
    {
        self::forget($user);

        return self::rows($user)->when($butHere, fn (Builder $rows) => $rows->where('id', '!=', $butHere))->delete();
    }

    /** @return Collection<array-key, mixed> how many, by the person; nobody who is signed in nowhere */
    public static function counts(Shop $shop): Collection
    {
        return DB::table('sessions')->join('users', 'users.id', '=', 'user_id')->where('shop_id', $shop->id)
            ->where('last_activity', '>', self::lapsed())->groupBy('user_id')->selectRaw('user_id, count(*) as many')
            ->pluck('many', 'user_id');
    }

    private static function forget(User $user): void
    {
        $user->forceFill(['remember_token' => Str::random(60)])->save();
    }

    private static function rows(User $user): Builder
    {
        return DB::table('sessions')->where('user_id', $user->id);
    }

    private static function lapsed(): int
    {
        return now()->subMinutes(config()->integer('session.lifetime'))->getTimestamp();
    }

    /** The id of a session lets in who knows it: a page shows something that is made from it. */
    private static function name(string $id): string
    {
        return substr(hash_hmac('sha256', $id, config()->string('app.key')), 0, 20);
    }
}

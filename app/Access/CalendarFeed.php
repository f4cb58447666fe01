<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\User;
use Illuminate\Support\Str;

/** The address of a person's calendar feed: who has it reads the dates, so that only its hash is kept and a new one ends the old. */
final class CalendarFeed
{
    private const LENGTH = 48;

    /** A new address; the one before opens nothing any more. */
    public static function renew(User $user): string
    {
        $token = Str::random(self::LENGTH);
        $user->forceFill(['feed' => self::hash($token)])->save();

        return route('feed', $token);
    }

    public static function end(User $user): void
    {
        $user->forceFill(['feed' => null])->save();
    }

    /** Null: it is nobody's, or not any more. */
    public static function of(string $token): ?User
    {
        return User::query()->where('feed', self::hash($token))->first();
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}

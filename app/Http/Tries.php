<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/**
 * Tries at a password, counted by the account that is meant, whoever asks, and by the address that asks,
 * whoever is meant. A try counts when it begins, so that many at once are not one, and no more when it was right.
 */
final readonly class Tries
{
    public const OF_ACCOUNT = 5;

    public const OF_ADDRESS = 10;

    private const WITHIN_S = 60;

    private const LOCK_S = 5;

    /** @param  array<string, int>  $limits  how many, by key */
    private function __construct(private array $limits)
    {
    }

    /**
     * @param  ?User  $meant  found by the database, which compares addresses in its own way
     *
     * @throws ThrottleRequestsException
     */
    public static function begin(Request $request, ?User $meant): self
    {
        $tries = new self([
            'tries-from|'.self::network((string) $request->ip()) => self::OF_ADDRESS,
            ...$meant === null ? [] : ['tries-at|'.$meant->id => self::OF_ACCOUNT],
        ]);
        try {
            Cache::lock('tries', self::LOCK_S)->block(self::LOCK_S, $tries->count(...));
        } catch (LockTimeoutException) {
            throw self::refused(self::LOCK_S); // so many at once that nobody's turn comes
        }

        return $tries;
    }

    /**
     * Whoever sits at a page that was left open must know the password before it changes what lets in.
     *
     * @throws ThrottleRequestsException
     * @throws ValidationException when it is not the right one
     */
    public static function atPassword(Request $request, User $user): void
    {
        $tries = self::begin($request, $user);
        $request->validate(['current_password' => 'required|string|current_password'], [
            'current_password.current_password' => 'Password now: this is not your password.',
        ]);
        $tries->wasRight();
    }

    public function wasRight(): void
    {
        foreach (array_keys($this->limits) as $key) {
            RateLimiter::decrement($key, self::WITHIN_S);
        }
    }

    private function count(): void
    {
        foreach ($this->limits as $key => $limit) {
            if (RateLimiter::tooManyAttempts($key, $limit)) {
                Log::notice('Too many tries at a password', ['limit' => $key]);

                throw self::refused(max(1, RateLimiter::availableIn($key)));
            }
        }
        foreach (array_keys($this->limits) as $key) {
            RateLimiter::hit($key, self::WITHIN_S);
        }
    }

    private static function refused(int $waitS): ThrottleRequestsException
    {
        return new ThrottleRequestsException("Too many tries. Wait $waitS seconds, then try again.", null, ['Retry-After' => $waitS]);
    }

    /** Who has one IPv6 address has the 2^64 beside it. */
    private static function network(string $ip): string
    {
        $bytes = (string) inet_pton($ip);

        return strlen($bytes) === 16 ? bin2hex(substr($bytes, 0, 8)) : $ip;
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Throwable;

/** What was refused, in the log: who asked, and which fields, never what was typed into them. */
final readonly class Refusals
{
    /** Not found is said to whoever follows an old link: it tells nothing. */
    private const WORTH_A_LINE = [400, 403, 413, 419, 429];

    public static function toLog(Exceptions $exceptions): void
    {
        $exceptions->stopIgnoring([
            AuthorizationException::class, HttpException::class, TokenMismatchException::class, ValidationException::class,
        ]);
        $exceptions->report(fn (ValidationException $fault): bool => self::note(422, ['fields' => array_keys($fault->errors())]));
        $exceptions->report(fn (AuthorizationException $fault): bool => self::note(403, ['said' => $fault->getMessage()]));
        $exceptions->report(fn (TokenMismatchException $fault): bool => self::note(419, []));
        $exceptions->report(self::ofHttp(...));
    }

    /** @return bool whether it is a fault of ours, for the log of faults */
    private static function ofHttp(HttpException $fault): bool
    {
        $status = $fault->getStatusCode();

        if (in_array($status, self::WORTH_A_LINE, true)) {
            self::note($status, []);
        }

        return $status >= 500;
    }

    /**
     * @param  array<string, mixed>  $more
     */
    private static function note(int $status, array $more): false
    {
        Log::notice('Refused', ['status' => $status, 'account' => self::account(), ...$more]);

        return false;
    }

    private static function account(): mixed
    {
        try {
            return Auth::id();
        } catch (Throwable) {
            return null; // the database is away, or there is no session yet
        }
    }
}

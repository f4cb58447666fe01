<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** A change that a page sends again, because the answer to it was lost, is made once: it carries a name of its own. */
final class Once
{
    public const HEAD = 'X-Once';

    private const KEPT_S = 86_400;

    /** The change at hand may take so long; who sends it again meanwhile is asked to wait, and sends it once more. */
    private const LOCK_S = 120;

    private const WAIT_S = 5;

    public function handle(Request $request, Closure $next): Response
    {
        $name = (string) $request->headers->get(self::HEAD);
        if (preg_match('/^[0-9a-f]{32}$/', $name) !== 1) {
            /** @var Response */
            return $next($request);
        }
        $key = 'once|'.Auth::id()."|$name";

        try {
            /** @var Response */
            return Cache::lock("$key|lock", self::LOCK_S)->block(self::WAIT_S, fn (): Response => $this->made($request, $next, $key,
                $name));
        } catch (LockTimeoutException) {
            return response('', Response::HTTP_SERVICE_UNAVAILABLE, ['Retry-After' => (string) self::WAIT_S]);
        }
    }

    private function made(Request $request, Closure $next, string $key, string $name): Response
    {
        // What a device keeps without a signal comes days later, and again when the answer was lost: the ledger knows it for good.
        if (Cache::has($key) || DB::table('job_events')->where('once', $name)->where('user_id', Auth::id())->exists()) {
            return response('', Response::HTTP_ALREADY_REPORTED);
        }
        Context::addHidden(self::HEAD, $name);
        /** @var Response $response */
        $response = $next($request);
        if ($response->isSuccessful() || $response->isRedirection()) {
            Cache::put($key, true, self::KEPT_S);
        }

        return $response;
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/** A change that a page sends again, because the answer to it was lost, is made once: it carries a name of its own. */
final class Once
{
    public const HEAD = 'X-Once';

    private const KEPT_S = 86_400;

    private const LOCK_S = 60;

    public function handle(Request $request, Closure $next): Response
    {
        $name = (string) $request->headers->get(self::HEAD);
        if (preg_match('/^[0-9a-f]{32}$/', $name) !== 1) {
            /** @var Response */
            return $next($request);
        }
        $key = 'once|'.Auth::id()."|$name";

        /** @var Response */
        return Cache::lock("$key|lock", self::LOCK_S)->block(self::LOCK_S, function () use ($request, $next, $key): Response {
            if (Cache::has($key)) {
                return response('', Response::HTTP_ALREADY_REPORTED);
            }
            /** @var Response $response */
            $response = $next($request);
            if ($response->isSuccessful()) {
                Cache::put($key, true, self::KEPT_S);
            }

            return $response;
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** Names each request, in its answer and in every line of the log that it causes. Ours alone: none is taken from outside. */
final class RequestId
{
    public function handle(Request $request, Closure $next): Response
    {
        $id = strtolower((string) Str::ulid());
        Context::add(['request' => $id, 'asked' => $request->method().' /'.$request->path(), 'from' => $request->ip()]);
        /** @var Response $response */
        $response = $next($request);
        $response->headers->set('X-Request-Id', $id);

        return $response;
    }
}

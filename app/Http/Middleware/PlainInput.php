<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Every form of the app is flat: a list where one value belongs counts as missing. */
final class PlainInput
{
    public function handle(Request $request, Closure $next): Response
    {
        foreach ([$request->query, $request->request] as $bag) {
            foreach ($bag->all() as $name => $value) {
                if (is_array($value)) {
                    $bag->remove($name);
                }
            }
        }

        /** @var Response */
        return $next($request);
    }
}

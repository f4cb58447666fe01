<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Http\Controllers\Controller;
use Illuminate\Http\JsonResponse;

/** What a device needs to send what it kept without a signal: that there is a line, who is signed in, and the token of the session. */
final class LineController extends Controller
{
    public function __invoke(): JsonResponse
    {
        return response()->json(['user' => $this->user()->id, 'token' => csrf_token()]);
    }
}

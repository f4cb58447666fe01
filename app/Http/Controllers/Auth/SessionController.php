<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/** Signing in and out. */
final class SessionController extends Controller
{
    private const TRIES = 5;

    private const PAUSE_S = 60;

    public function create(): View
    {
        return view('auth.login');
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate(['email' => 'required|string|max:200', 'password' => 'required|string|max:200']);
        $key = 'sign-in|'.Str::lower($request->string('email')->toString()).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw ValidationException::withMessages(
                ['email' => sprintf('Too many tries. Wait %d seconds, then try again.', RateLimiter::availableIn($key))]
            );
        }
        $claim = ['email' => $request->string('email')->toString(), 'password' => $request->string('password')->toString()];
        if (! Auth::attempt($claim, $request->boolean('remember'))) {
            RateLimiter::hit($key, self::PAUSE_S);

            throw ValidationException::withMessages(['email' => 'This address and password do not belong together.']);
        }
        RateLimiter::clear($key);
        $request->session()->regenerate();

        return redirect()->intended(route('jobs.index'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login');
    }
}

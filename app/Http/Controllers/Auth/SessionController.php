<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Http\Tries;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\View as ViewFactory;
use Illuminate\Support\MessageBag;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Validation\ValidationException;

/** Signing in and out. */
final class SessionController extends Controller
{
    public function create(): View
    {
        return view('auth.login');
    }

    public function store(Request $request): RedirectResponse|Response
    {
        $email = $request->input('email');
        // What is no address is a try too.
        $meant = is_string($email) ? User::query()->where('email', $email)->first() : null;
        try {
            $tries = Tries::begin($request, $meant);
        } catch (ThrottleRequestsException $tooMany) {
            $request->flashOnly('email');

            return self::refused('auth.login', 'email', $tooMany);
        }
        $request->validate(['email' => 'required|string|max:200', 'password' => 'required|string|max:200']);
        $claim = ['email' => $request->string('email')->toString(), 'password' => $request->string('password')->toString()];
        if ($meant === null) {
            Hash::make($claim['password']); // the time that a comparison takes: it tells nobody who is here
        }
        $isFirstOfTwo = false;
        $isEnough = function (User $user) use (&$isFirstOfTwo): bool {
            $isFirstOfTwo = $user->hasSecondStep();

            return ! $isFirstOfTwo;
        };
        if (! Auth::attemptWhen($claim, $isEnough, $request->boolean('remember'))) {
            if ($isFirstOfTwo && $meant !== null) {
                return SecondStepController::await($request, $meant, $request->boolean('remember'));
            }
            // Never what was typed: people type their password into the wrong field.
            Log::notice('Sign-in refused', ['account' => $meant?->id]);

            throw ValidationException::withMessages(['email' => 'This address and password do not belong together.']);
        }
        $tries->wasRight();
        Log::info('Signed in', ['account' => $meant?->id]);
        $request->session()->regenerate();

        return redirect()->intended(route('jobs.index'));
    }

    /**
     * The page again, with what the limit says at its field.
     *
     * @param  view-string  $view
     */
    public static function refused(string $view, string $field, ThrottleRequestsException $tooMany): Response
    {
        // Shared, as those of the session are: the fields of a form look there.
        ViewFactory::share('errors', (new ViewErrorBag)->put('default', new MessageBag([$field => $tooMany->getMessage()])));

        return response()->view($view, status: 429, headers: $tooMany->getHeaders());
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('login');
    }
}

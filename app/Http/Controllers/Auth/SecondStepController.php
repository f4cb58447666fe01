<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Access\SecondStep;
use App\Http\Controllers\Controller;
use App\Http\Tries;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;

/** The code after the password. */
final class SecondStepController extends Controller
{
    private const WITHIN_S = 300;

    /** Keeps who gave the right password, until the code has come. */
    public static function await(Request $request, User $user, bool $remember): RedirectResponse
    {
        $request->session()->regenerate();
        $request->session()->put('second-step', ['user' => $user->id, 'remember' => $remember, 'at' => now()->getTimestamp()]);

        return redirect()->route('login.code');
    }

    public function create(Request $request): View|RedirectResponse
    {
        return $this->awaited($request) === null ? $this->tooLate($request) : view('auth.second-step');
    }

    public function store(Request $request): RedirectResponse|Response
    {
        $user = $this->awaited($request);
        if ($user === null) {
            return $this->tooLate($request);
        }
        try {
            $tries = Tries::begin($request, $user);
        } catch (ThrottleRequestsException $tooMany) {
            return SessionController::refused('auth.second-step', 'code', $tooMany);
        }
        $request->validate(['code' => 'required|string|max:40']);
        if (! SecondStep::takes($user, $request->string('code')->toString())) {
            Log::notice('Second step refused', ['account' => $user->id]);

            throw ValidationException::withMessages([
                'code' => 'This code is not right, or was used before. Codes change every half minute.',
            ]);
        }
        $tries->wasRight();
        Auth::login($user, (bool) $request->session()->pull('second-step.remember'));
        $request->session()->forget('second-step');
        $request->session()->regenerate();
        Log::info('Signed in', ['account' => $user->id, 'second_step' => true]);

        return redirect()->intended(route('jobs.index'));
    }

    private function awaited(Request $request): ?User
    {
        $at = $request->session()->get('second-step.at');
        $id = $request->session()->get('second-step.user');
        $isInTime = is_int($at) && now()->getTimestamp() - $at <= self::WITHIN_S;

        return $isInTime && is_int($id) ? User::query()->find($id) : null;
    }

    private function tooLate(Request $request): RedirectResponse
    {
        $request->session()->forget('second-step');

        return redirect()->route('login')->with('status', 'That took too long. Sign in again.');
    }
}

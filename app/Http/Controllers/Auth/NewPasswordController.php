<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Access\Devices;
use App\Access\NewPassword;
use App\Http\Controllers\Controller;
use App\Http\ReadableText;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;

/** Setting a new password with the link from the mail. */
final class NewPasswordController extends Controller
{
    public function create(Request $request, string $token): View
    {
        return view('auth.reset-password', ['token' => $token, 'email' => $request->string('email')->toString()]);
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate([
            'token' => 'required|string', 'email' => ['bail', 'required', new ReadableText('Mail address'), 'email', 'max:200'],
        ]);
        // What is known of the account is not told here: its address is what the link was mailed to.
        $known = [$request->string('email')->toString()];
        $request->validate(['password' => ['bail', 'required', 'string', new NewPassword($known), 'confirmed']]);
        $status = Password::reset(
            $request->only('email', 'password', 'password_confirmation', 'token'),
            function (User $user, string $password): void {
                $user->forceFill(['password' => $password])->save();
                Devices::endAll($user);
            },
        );
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['email' => 'This link is too old or has been used. Ask for a new one.']);
        }

        return redirect()->route('login')->with('status', 'The new password is set. Sign in with it.');
    }
}

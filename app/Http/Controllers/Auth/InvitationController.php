<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Access\NewPassword;
use App\Access\People;
use App\Http\Controllers\Controller;
use App\Http\ReadableText;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;

/** Coming into a shop with the link from the mail. */
final class InvitationController extends Controller
{
    public function show(string $token): View|Response
    {
        $invitation = People::invited($token);

        return $invitation === null
            ? response()->view('auth.invitation-over', status: 404)
            : view('auth.invitation', ['invitation' => $invitation, 'token' => $token]);
    }

    public function store(Request $request, string $token): RedirectResponse|Response
    {
        $invitation = People::invited($token);
        if ($invitation === null) {
            return response()->view('auth.invitation-over', status: 404);
        }
        $known = [$request->string('name')->toString(), $invitation->email, $invitation->shop->name];
        $request->validate([
            'name' => ['required', 'string', 'max:100', new ReadableText('Name')],
            'password' => ['bail', 'required', 'string', new NewPassword($known, 'Password'), 'confirmed'],
        ]);
        $user = People::join($invitation, $request->string('name')->toString(), $request->string('password')->toString());
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->route('jobs.index')->with('status', "Welcome to {$user->shop->name}.");
    }
}

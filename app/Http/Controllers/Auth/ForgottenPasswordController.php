<?php

declare(strict_types=1);

namespace App\Http\Controllers\Auth;

use App\Http\Controllers\Controller;
use App\Http\ReadableText;
use App\Notifications\SendResetLink;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Asking for a link by mail. The answer never tells whether the address is known. */
final class ForgottenPasswordController extends Controller
{
    public function create(): View
    {
        return view('auth.forgot-password');
    }

    public function store(Request $request): RedirectResponse
    {
        $request->validate(['email' => ['bail', 'required', new ReadableText('Mail address'), 'email', 'max:200']]);
        dispatch(new SendResetLink($request->string('email')->toString()));

        return back()->with('status', 'If this address belongs to somebody here, a mail with a link is on its way.');
    }
}

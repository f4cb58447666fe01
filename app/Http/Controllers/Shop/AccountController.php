<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Controllers\Controller;
use App\Http\ReadableText;
use App\Http\Tries;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** The signed-in person and the people of the shop. */
final class AccountController extends Controller
{
    public function show(): View
    {
        $user = $this->user();

        return view('account', ['user' => $user, 'shop' => $user->shop, 'people' => $user->shop->users()->orderBy('name')->get()]);
    }

    public function update(Request $request): RedirectResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:100', new ReadableText('Name')]]);
        $this->user()->update(['name' => $request->string('name')->toString()]);

        return back()->with('status', 'Saved.');
    }

    /** The number that stands on every card of the shop. */
    public function shop(Request $request): RedirectResponse
    {
        $request->validate(['shop_phone' => ['nullable', 'string', 'max:40', new ReadableText('Telephone of the shop')]]);
        $this->user()->shop->update(['phone' => $request->string('shop_phone')->trim()->toString()]);

        return back()->with('status', 'Saved.');
    }

    public function password(Request $request): RedirectResponse
    {
        $tries = Tries::begin($request, $this->user());
        $request->validate(['current_password' => 'required|current_password']);
        $tries->wasRight();
        $request->validate(['password' => 'required|string|min:10|max:200|confirmed']);
        $this->user()->update(['password' => $request->string('password')->toString()]);
        Auth::logoutOtherDevices($request->string('password')->toString());

        return back()->with('status', 'The new password is set. Other devices are signed out.');
    }

    /** Another person of the same shop. */
    public function invite(Request $request): RedirectResponse
    {
        $request->validate(
            [
                'new_name' => ['required', 'string', 'max:100', new ReadableText('Name')],
                'new_email' => ['bail', 'required', new ReadableText('Mail address'), 'email', 'max:200', 'unique:users,email'],
                'new_password' => 'required|string|min:10|max:200',
            ]
        );
        User::query()->create([
            'shop_id' => $this->user()->shop_id,
            'name' => $request->string('new_name')->toString(),
            'email' => $request->string('new_email')->toString(),
            'password' => $request->string('new_password')->toString(),
        ]);

        return back()->with('status', 'Added. Tell them the password; they can change it here.');
    }
}

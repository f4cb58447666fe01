<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Access\Devices;
use App\Access\NewPassword;
use App\Http\Controllers\Controller;
use App\Http\ReadableText;
use App\Http\Tries;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Underpin\Refused;
use Underpin\Say;

/** The signed-in person: name, password, and where they are signed in. */
final class AccountController extends Controller
{
    public function show(Request $request): View
    {
        $user = $this->user();

        return view('account', ['user' => $user, 'shop' => $user->shop, 'devices' => Devices::of($user, $request->session()->getId())]);
    }

    public function update(Request $request): RedirectResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:100', new ReadableText('Name')]]);
        $this->user()->update(['name' => $request->string('name')->toString()]);

        return back()->with('status', 'Saved.');
    }

    public function password(Request $request): RedirectResponse
    {
        $user = $this->user();
        Tries::atPassword($request, $user);
        $request->validate(['password' => ['bail', 'required', 'string', new NewPassword($user->known()), 'confirmed']]);
        $user->update(['password' => $request->string('password')->toString()]);
        Auth::logoutOtherDevices($request->string('password')->toString());
        Devices::endAll($user, $request->session()->getId());

        return back()->with('status', 'The new password is set. Other devices are signed out.');
    }

    public function endDevice(Request $request, string $device): RedirectResponse
    {
        if (! Devices::end($this->user(), $device)) {
            throw new Refused('device', 'That device was not signed in any more.');
        }

        return redirect()->route('account')->with('status', 'Signed out there.');
    }

    public function endOtherDevices(Request $request): RedirectResponse
    {
        $ended = Devices::endAll($this->user(), $request->session()->getId());

        return redirect()->route('account')->with('status', 'Signed out on '.Say::count($ended, 'other device').'.');
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Access\SecondStep;
use App\Access\TimeCode;
use App\Http\Controllers\Controller;
use App\Http\Tries;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Turning the second step of the own sign-in on and off. */
final class TwoStepsController extends Controller
{
    public function create(Request $request): View|RedirectResponse
    {
        if ($this->user()->hasSecondStep()) {
            return redirect()->route('account');
        }
        $kept = $request->session()->get('second-step-secret');
        $secret = is_string($kept) ? $kept : TimeCode::newSecret();
        $request->session()->put('second-step-secret', $secret);

        return view('two-steps', ['secret' => $secret, 'address' => SecondStep::address($this->user(), $secret)]);
    }

    public function store(Request $request): View
    {
        Tries::atPassword($request, $this->user());
        $request->validate(['code' => 'required|string|max:40']);
        $secret = $request->session()->get('second-step-secret');
        if (! is_string($secret) || $this->user()->hasSecondStep()) {
            throw ValidationException::withMessages(['code' => 'This page is too old: go back to your account and begin again.']);
        }
        $codes = SecondStep::begin($this->user(), $secret, $request->string('code')->toString());
        if ($codes === null) {
            throw ValidationException::withMessages([
                'code' => 'This code is not right. Is the clock of the device right? Codes change every half minute.',
            ]);
        }
        $request->session()->forget('second-step-secret');

        return view('recovery-codes', ['codes' => $codes, 'user' => $this->user()]);
    }

    public function renew(Request $request): View
    {
        Tries::atPassword($request, $this->user());
        abort_unless($this->user()->hasSecondStep(), 404);

        return view('recovery-codes', ['codes' => SecondStep::renew($this->user()), 'user' => $this->user()]);
    }

    public function destroy(Request $request): RedirectResponse
    {
        Tries::atPassword($request, $this->user());
        SecondStep::end($this->user());

        return redirect()->route('account')->with('status', 'Off: the password alone lets you in now.');
    }
}

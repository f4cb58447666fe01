<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Access\Devices;
use App\Access\People;
use App\Access\PersonRole;
use App\Http\Controllers\Controller;
use App\Http\ReadableText;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Underpin\Refused;
use Underpin\Say;

/** The people of the shop. Everybody sees who they are; the owner says who. */
final class PeopleController extends Controller
{
    public function index(): View
    {
        $shop = $this->user()->shop;

        return view('people', [
            'user' => $this->user(), 'shop' => $shop, 'people' => $shop->users()->orderBy('name')->get(),
            'devices' => Devices::counts($shop),
            'invitations' => $shop->invitations()->orderBy('name')->get(),
        ]);
    }

    /** The number that stands on every card of the shop. */
    public function shop(Request $request): RedirectResponse
    {
        $this->authorize('lead', $this->user()->shop);
        $request->validate(['shop_phone' => ['nullable', 'string', 'max:40', new ReadableText('Telephone of the shop')]]);
        $this->user()->shop->update(['phone' => $request->string('shop_phone')->trim()->toString()]);

        return back()->with('status', 'Saved.');
    }

    public function invite(Request $request): RedirectResponse
    {
        $request->validate([
            'new_name' => ['required', 'string', 'max:100', new ReadableText('Name')],
            'new_email' => ['bail', 'required', new ReadableText('Mail address'), 'email', 'max:200'],
            'new_role' => ['required', Rule::enum(PersonRole::class)],
        ]);
        $email = $request->string('new_email')->trim()->toString();
        People::invite(
            $this->user(), $request->string('new_name')->toString(), $email, PersonRole::from($request->string('new_role')->toString()),
        );

        return back()->with('status', "A mail with a link is on its way to $email. The link holds for ".People::INVITED_DAYS.' days.');
    }

    public function withdraw(string $invitation): RedirectResponse
    {
        People::withdraw($this->user(), (int) $invitation);

        return back()->with('status', 'Withdrawn. The link that was mailed lets nobody in.');
    }

    public function role(Request $request, string $person): RedirectResponse
    {
        $request->validate(['role' => ['required', Rule::enum(PersonRole::class)]]);
        $of = $this->person($person);
        $role = PersonRole::from($request->string('role')->toString());
        People::changeRole($this->user(), $of, $role);

        return redirect()->route('people')->with('status', "$of->name is an $role->value now.");
    }

    public function remove(Request $request, string $person): RedirectResponse
    {
        $of = $this->person($person);
        if (! $request->boolean('sure')) {
            throw new Refused('person', "$of->name: say first that you are sure.");
        }
        People::remove($this->user(), $of);

        return redirect()->route('people')->with('status', "$of->name is out, on every device. What they did stays in the histories.");
    }

    public function signOut(string $person): RedirectResponse
    {
        $of = $this->person($person);
        $ended = People::signOut($this->user(), $of);

        return redirect()->route('people')->with('status', "$of->name: signed out on ".Say::count($ended, 'device').'.');
    }

    private function person(string $id): User
    {
        return $this->user()->shop->users()->findOrFail((int) $id);
    }
}

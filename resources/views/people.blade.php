@php($leads = $user->can('lead', $shop))
<x-layouts.page title="People"><x-topbar><span class="jobname">{{ $shop->name }}</span><a class="saved" href="{{ route('account') }}">Account</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>People of the shop</h1></div>
        @error('person')<p class="error" role="alert">{{ $message }}</p>@enderror
        <section class="scroll" tabindex="0" aria-label="People"><table class="table people">
            <thead><tr><th scope="col">Name</th><th scope="col">Mail address</th><th scope="col">Role</th><th scope="col">Second step</th>@if ($leads)<th scope="col">Signed in</th><th scope="col">Take out</th>@endif</tr></thead>
            <tbody>@foreach ($people as $person)<tr>
                <th scope="row">{{ $person->name }}@if ($person->is($user)) <small>you</small>@endif</th><td>{{ $person->email }}</td>
                <td>@if ($leads)
                    <form method="post" action="{{ route('people.role', $person->id) }}" class="inline">@csrf @method('PUT')
                        <label class="sr" for="role-{{ $person->id }}">Role of {{ $person->name }}</label>
                        <div class="select"><select id="role-{{ $person->id }}" name="role">@foreach (App\Access\PersonRole::cases() as $role)<option value="{{ $role->value }}" @selected($role === $person->role)>{{ $role->label() }}</option>@endforeach</select></div>
                        <button type="submit" class="button">Set</button></form>
                @else{{ $person->role->label() }}@endif</td>
                <td data-name="Second step">{{ $person->hasSecondStep() ? 'on' : 'off' }}</td>
                @if ($leads)
                    <td data-name="Signed in">@if ($person->is($user)){{ Underpin\Say::count($devices[$person->id] ?? 0, 'device') }} @elseif (isset($devices[$person->id]))<form method="post" action="{{ route('people.sign-out', $person->id) }}" class="inline">@csrf @method('DELETE'){{ Underpin\Say::count($devices[$person->id], 'device') }} <button type="submit" class="button">Sign out</button></form>@else nowhere @endif</td>
                    <td>@unless ($person->is($user))<form method="post" action="{{ route('people.remove', $person->id) }}" class="inline">@csrf @method('DELETE')<label class="checkbox"><input type="checkbox" name="sure" value="1"> sure</label> <button type="submit" class="button">Take out</button></form>@endunless</td>
                @endif
            </tr>@endforeach</tbody>
        </table></section>
        <dl class="roles">@foreach (App\Access\PersonRole::cases() as $role)<div><dt>{{ $role->label() }}</dt><dd>{{ $role->may() }}</dd></div>@endforeach</dl>
        @if ($leads)
        <div class="three-columns">
            <section><h2>Invite somebody</h2>
                <form method="post" action="{{ route('people.invite') }}">@csrf
                    <x-field id="p-name" name="new_name" label="Name" maxlength="100"/><x-field id="p-email" name="new_email" label="Mail address" type="email" maxlength="200"/>
                    <div class="field"><label class="label" for="p-role">Role</label><div class="select"><select id="p-role" name="new_role">@foreach (App\Access\PersonRole::cases() as $role)<option value="{{ $role->value }}" @selected($role->value === old('new_role', 'electrician'))>{{ $role->label() }}</option>@endforeach</select></div>@error('new_role')<p class="error">{{ $message }}</p>@enderror</div>
                    <button type="submit" class="button is-primary">Mail the link</button></form>
            </section>
            <section><h2>Invited</h2>
                @if ($invitations->isEmpty())<p class="quiet">Nobody is waited for.</p>@endif
                <ul class="people">@foreach ($invitations as $invited)<li><b>{{ $invited->name }}</b> <span class="quiet">{{ $invited->email }} · {{ $invited->role->value }} · {{ $invited->expires_at->isPast() ? 'the link is too old: invite again' : 'link holds until '.$invited->expires_at->format('Y-m-d') }}</span>
                    <form method="post" action="{{ route('people.withdraw', $invited->id) }}">@csrf @method('DELETE')<button type="submit" class="button">Withdraw</button></form></li>@endforeach</ul>
            </section>
            <section><h2>The shop</h2>
                <form method="post" action="{{ route('people.shop') }}">@csrf @method('PUT')<x-field id="a-phone" name="shop_phone" label="Telephone of the shop" :value="$shop->phone" maxlength="40" hint="it stands on every switching card"/><button type="submit" class="button">Save</button></form>
            </section>
        </div>
        @else<p class="quiet">Who belongs to the shop is for its owner to say.</p>@endif
    </main>
</x-layouts.page>

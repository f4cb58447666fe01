<x-layouts.page title="Account"><x-topbar><span class="jobname">{{ $shop->name }}</span><a class="saved" href="{{ route('people') }}">People</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>{{ $user->name }}</h1><div class="actions"><a class="button" href="{{ route('people') }}">People of the shop</a><form method="post" action="{{ route('logout') }}">@csrf<button type="submit" class="button">Sign out</button></form></div></div>
        <p class="quiet gap">{{ $user->email }} · {{ $user->role->label() }}: {{ $user->role->may() }}.</p>
        <div class="three-columns gap">
            <section><h2>Name</h2>
                <form method="post" action="{{ route('account.update') }}">@csrf @method('PUT')<x-field id="a-name" name="name" label="Name" :value="$user->name" maxlength="100" hint="as it stands in the histories of jobs"/><button type="submit" class="button">Save</button></form>
            </section>
            <section><h2>Password</h2>
                <form method="post" action="{{ route('account.password') }}">@csrf @method('PUT')
                    <x-field id="a-current" name="current_password" label="Password now" type="password"/><x-field id="a-new" name="password" label="New password" type="password" :hint="App\Access\NewPassword::hint()"/><x-field id="a-again" name="password_confirmation" label="The same again" type="password"/>
                    <button type="submit" class="button">Change it</button></form>
            </section>
            <section><h2>Second step at sign-in</h2>
                @if ($user->hasSecondStep())
                    <p><b>On</b> since {{ $user->second_step_since->format('Y-m-d') }}. {{ Underpin\Say::count(count($user->recovery_codes ?? []), 'recovery code') }} left.</p>
                    <details class="by-hand"><summary>New recovery codes</summary>
                        <form method="post" action="{{ route('two-steps.renew') }}">@csrf @method('PUT')<x-field id="r-current" name="current_password" label="Password now" type="password"/><button type="submit" class="button">Make new ones</button></form></details>
                    <details class="by-hand"><summary>Turn it off</summary>
                        <form method="post" action="{{ route('two-steps.end') }}">@csrf @method('DELETE')<x-field id="o-current" name="current_password" label="Password now" type="password"/><button type="submit" class="button">Turn off</button></form></details>
                @else
                    <p><b>Off.</b> With it, whoever learns your password still needs your telephone.</p>
                    <p><a class="button" href="{{ route('two-steps') }}">Set it up</a></p>
                @endif
            </section>
        </div>
        <section id="calendar"><h2>Calendar feed <small>the dates of all jobs, for a calendar that asks by itself</small></h2>
            @if (session('feed'))<p><b>Copy it now: it is shown once.</b></p><p class="mono feed">{{ session('feed') }}</p>@endif
            <p>{{ $user->feed === null ? 'There is none.' : 'There is one. Who has its address reads the names of your jobs and their dates.' }}</p>
            <div class="actions"><form method="post" action="{{ route('account.feed') }}">@csrf @method('PUT')<button type="submit" class="button">{{ $user->feed === null ? 'Make an address' : 'Make a new address, end the old one' }}</button></form>
            @if ($user->feed !== null)<form method="post" action="{{ route('account.feed.end') }}">@csrf @method('DELETE')<button type="submit" class="button">End it</button></form>@endif</div>
        </section>
        <section><h2>Where you are signed in</h2>
            <section class="scroll" tabindex="0" aria-label="Devices"><table class="table devices">
                <thead><tr><th scope="col">Device</th><th scope="col">Address</th><th scope="col">Last used</th><th scope="col"><span class="sr">Sign out</span></th></tr></thead>
                <tbody>@foreach ($devices as $device)<tr><th scope="row">{{ ucfirst($device->words) }}</th><td>{{ $device->address }}</td><td>{{ $device->isHere ? 'here, now' : $device->last->diffForHumans() }}</td>
                    <td>@unless ($device->isHere)<form method="post" action="{{ route('account.device.end', $device->name) }}">@csrf @method('DELETE')<button type="submit" class="button">Sign out there</button></form>@endunless</td></tr>@endforeach</tbody>
            </table></section>
            @error('device')<p class="error">{{ $message }}</p>@enderror
            @if (count($devices) > 1)<form method="post" action="{{ route('account.devices.end') }}">@csrf @method('DELETE')<button type="submit" class="button">Sign out everywhere else</button></form>@endif
        </section>
    </main>
</x-layouts.page>

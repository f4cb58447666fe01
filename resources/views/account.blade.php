<x-layouts.page title="Account"><x-topbar><span class="jobname">{{ $shop->name }}</span></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>{{ $user->name }}</h1><form method="post" action="{{ route('logout') }}">@csrf<button class="button">Sign out</button></form></div>
        <div class="three-columns">
            <section><h2>Name</h2>
                <form method="post" action="{{ route('account.update') }}">@csrf @method('PUT')<x-field id="a-name" name="name" label="Name" :value="$user->name" maxlength="100"/><p class="quiet">{{ $user->email }}</p><button class="button">Save</button></form>
            </section>
            <section><h2>The shop</h2>
                <form method="post" action="{{ route('account.shop') }}">@csrf @method('PUT')<x-field id="a-phone" name="shop_phone" label="Telephone of the shop" :value="$shop->phone" maxlength="40" hint="it stands on every switching card"/><button class="button">Save</button></form>
            </section>
            <section><h2>Password</h2>
                <form method="post" action="{{ route('account.password') }}">@csrf @method('PUT')
                    <x-field id="a-current" name="current_password" label="Password now" type="password"/><x-field id="a-new" name="password" label="New password" type="password" hint="10 characters or more"/><x-field id="a-again" name="password_confirmation" label="The same again" type="password"/>
                    <button class="button">Change it</button></form>
            </section>
            <section><h2>People of the shop</h2>
                <ul class="people">@foreach ($people as $person)<li><b>{{ $person->name }}</b> <span class="quiet">{{ $person->email }}</span></li>@endforeach</ul>
                <details class="by-hand" @if ($errors->hasAny(['new_name', 'new_email', 'new_password'])) open @endif><summary>Add somebody</summary>
                    <form method="post" action="{{ route('account.invite') }}">@csrf<x-field id="p-name" name="new_name" label="Name" maxlength="100"/><x-field id="p-email" name="new_email" label="Mail address" type="email" maxlength="200"/><x-field id="p-password" name="new_password" label="First password" type="password" hint="10 characters or more"/><button class="button">Add</button></form>
                </details>
            </section>
        </div>
    </main>
</x-layouts.page>

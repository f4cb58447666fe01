<x-layouts.page title="New password"><x-topbar/>
    <main id="page" class="door" tabindex="-1">
        <h1>Set a new password</h1>
        <form method="post" action="{{ route('password.store') }}">
            @csrf <input type="hidden" name="token" value="{{ $token }}">
            <x-field id="email" name="email" label="Mail address" type="email" :value="$email" maxlength="200" required/>
            <x-field id="password" name="password" label="New password" type="password" :hint="App\Access\NewPassword::hint()" required/>
            <x-field id="again" name="password_confirmation" label="The same again" type="password" required/>
            <button type="submit" class="button is-primary">Set it</button>
        </form>
    </main>
</x-layouts.page>

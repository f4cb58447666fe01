<x-layouts.page title="Sign in"><x-topbar/>
    <main id="page" class="door" tabindex="-1">
        <h1>Sign in</h1>
        <form id="sign-in" method="post" action="{{ route('login.store') }}">
            @csrf
            <x-field id="email" name="email" label="Mail address" type="email" maxlength="200" required autofocus/>
            <x-field id="password" name="password" label="Password" type="password" maxlength="200" required/>
            <label class="checkbox"><input type="checkbox" name="remember" value="1"> Stay signed in on this device</label>
            <button type="submit" class="button is-primary">Sign in</button>
        </form>
        <p><a href="{{ route('password.request') }}">Forgotten the password?</a></p>
    </main>
</x-layouts.page>

<x-layouts.page title="Forgotten password"><x-topbar/>
    <main id="page" class="door" tabindex="-1">
        <h1>Forgotten the password</h1>
        <p>A mail with a link comes to your address. The link holds for an hour.</p>
        <form method="post" action="{{ route('password.email') }}">
            @csrf
            <x-field id="email" name="email" label="Mail address" type="email" maxlength="200" required autofocus/>
            <button type="submit" class="button is-primary">Send the link</button>
        </form>
        <p><a href="{{ route('login') }}">Back to sign in</a></p>
    </main>
</x-layouts.page>

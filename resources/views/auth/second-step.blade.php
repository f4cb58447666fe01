<x-layouts.page title="Second step"><x-topbar/>
    <main id="page" class="door" tabindex="-1">
        <h1>And the code</h1>
        <p>Six digits from your device, or one of your recovery codes.</p>
        <form id="second-step" method="post" action="{{ route('login.code.store') }}">
            @csrf
            <x-field id="code" name="code" label="Code" maxlength="40" autocapitalize="characters" spellcheck="false" required autofocus/>
            <button type="submit" class="button is-primary">Sign in</button>
        </form>
        <p><a href="{{ route('login') }}">Back to sign in</a></p>
        <p class="quiet">Device and codes lost? The owner of your shop can take you out and invite you again.</p>
    </main>
</x-layouts.page>

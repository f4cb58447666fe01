<x-layouts.page title="Invitation"><x-topbar/>
    <main id="page" class="door" tabindex="-1">
        <h1>This link lets nobody in</h1>
        <p>It is too old, was used, or was withdrawn. Ask whoever invited you for a new one.</p>
        <p><a class="button is-primary" href="{{ route('login') }}">To sign in</a></p>
    </main>
</x-layouts.page>

<x-layouts.page title="Invitation"><x-topbar/>
    <main id="page" class="door" tabindex="-1">
        <h1>{{ $invitation->shop->name }}</h1>
        <p>{{ $invitation->by }} invites you as <b>{{ $invitation->role->value }}</b>: {{ $invitation->role->may() }}. You will sign in with {{ $invitation->email }}.</p>
        <form method="post" action="{{ route('invitation.accept', $token) }}">
            @csrf
            <x-field id="name" name="name" label="Name" :value="$invitation->name" maxlength="100" required/>
            <x-field id="password" name="password" label="Password" type="password" :hint="App\Access\NewPassword::hint()" required autofocus/>
            <x-field id="again" name="password_confirmation" label="The same again" type="password" required/>
            <button type="submit" class="button is-primary">Come in</button>
        </form>
    </main>
</x-layouts.page>

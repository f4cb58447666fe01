@push('scripts')@vite('resources/js/account/square.js')@endpush
<x-layouts.page title="Second step"><x-topbar><span class="jobname">{{ auth()->user()->shop->name }}</span></x-topbar>
    <main id="page" class="door" tabindex="-1">
        <h1>A second step at sign-in</h1>
        <ol class="plain-steps">
            <li>On your telephone, open any app for one-time codes and let it read this square, or type the key below.</li>
            <li>Type the six digits that it shows, and your password.</li>
            <li>Print the recovery codes that come then.</li>
        </ol>
        <div class="square" data-square="{{ $address }}" role="img" aria-label="Square pattern of the key below"></div>
        <p>Key <code class="key-text">{{ trim(chunk_split($secret, 4, ' ')) }}</code></p>
        <form method="post" action="{{ route('two-steps.store') }}">@csrf
            <x-field id="code" name="code" label="Code" maxlength="40" inputmode="numeric" required/>
            <x-field id="t-current" name="current_password" label="Password now" type="password" required/>
            <button type="submit" class="button is-primary">Turn it on</button>
        </form>
        <p><a href="{{ route('account') }}">Back to the account</a></p>
    </main>
</x-layouts.page>

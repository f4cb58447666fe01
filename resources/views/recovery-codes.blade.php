<x-layouts.page title="Recovery codes"><x-topbar><span class="jobname">{{ $user->shop->name }}</span></x-topbar>
    <main id="page" class="door" tabindex="-1">
        <h1>Recovery codes</h1>
        <p>Each lets you in once, in the place of the code of your device. <b>They are shown only now</b>: print them or write them down, and keep them where your telephone is not.</p>
        <ul class="codes">@foreach ($codes as $code)<li><code>{{ $code }}</code></li>@endforeach</ul>
        <p class="actions"><button type="button" class="button is-primary" data-key="print">Print</button> <a class="button" href="{{ route('account') }}">I have them</a></p>
        <p class="quiet">Codes that were given before are worth nothing now.</p>
    </main>
</x-layouts.page>

<x-layouts.page title="Mails about your backup power">
    <main id="page" class="door" tabindex="-1">
        <h1>Mails about your backup power</h1>
        @if ($stopped)<p>They are ended. Nothing more comes from here; whoever looks after your machine can turn them on again.</p>
        @else<p>They come when a service is due, or when the machine reports something.</p>
        <form method="post" action="{{ route('mails.stop', $key) }}">@csrf<button type="submit" class="button is-primary">Send me no more</button></form>@endif
    </main>
</x-layouts.page>

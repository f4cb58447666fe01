<x-layouts.page title="Rehearsal of an outage">
    @push('scripts')@vite('resources/js/rehearsal/page.js')@endpush
    <main id="page" class="rehearsal" tabindex="-1" data-rehearsal data-scene="{{ $played->rehearsal->scene->value }}" data-throw="{{ $throw }}" data-finish="{{ $finish }}">
        <header class="rehearsal-head"><h1>Rehearsal: the power is out</h1>
            <p>Throw what you would throw. Nothing here touches the house.</p>
            <span class="rehearsal-clock mono" data-clock aria-live="off">0 min</span>
            <button type="button" class="button" data-take-back>Take back <kbd>⌫</kbd></button><button type="button" class="button" data-ask>Ask the card <kbd>h</kbd></button>
            @if ($home)<a class="button is-quiet" href="{{ $home }}">Leave</a>@endif</header>
        <nav class="chips" aria-label="When it strikes">@foreach (Underpin\Rehearsal\Scene::cases() as $scene)<a href="?scene={{ $scene->value }}" @if ($scene === $played->rehearsal->scene) aria-current="page" @endif>{{ ucfirst($scene->words()) }}</a>@endforeach</nav>
        <noscript><p class="notice">This page throws its handles with a script. Without one, rehearse with the drill sheet on paper.</p></noscript>
        <div id="rehearsal-stage">@include('rehearsal.stage')</div>
        <p class="error" role="alert" data-says></p>
    </main>
</x-layouts.page>

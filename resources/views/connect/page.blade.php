<div class="stage-head"><h1>How it connects</h1><x-next :screen="$screen"/></div>
<x-findings :edition="$screen->job->authority->rules->edition" :findings="$screen->findings()"/>
<div class="ways">
    @foreach ($screen->design()->connections() as $verdict)
        @php($picked = $screen->job->connection->way === $verdict->way->key())
        <section class="way {{ $picked ? 'is-picked' : '' }}">
            <h2>{{ ucfirst($verdict->way->words()) }}</h2>
            <p class="verdict"><span class="badge" data-possible="{{ $verdict->possible->value }}">{{ $verdict->possible->words() }}</span></p>
            <form id="way-{{ $verdict->way->key() }}" method="post" action="{{ route('jobs.connection', $screen->row->id) }}" data-parts>
                @csrf @method('PUT')
                <x-was :values="['connection' => $screen->job->connection->way]"/>
                @if ($picked)
                    <input type="hidden" name="connection" value=""><button class="button is-picked" aria-pressed="true">Picked <small>take back</small></button>
                @else
                    <input type="hidden" name="connection" value="{{ $verdict->way->key() }}"><button class="button {{ $verdict->possible === Underpin\Connection\Possible::Yes ? 'is-primary' : '' }}" aria-pressed="false">Pick this</button>
                @endif
            </form>
            <ul class="reasons">
                @foreach ($verdict->reasons as $reason)
                    <li data-possible="{{ $reason->possible->value }}"><span class="sr">{{ $reason->possible->words() }}: </span>{{ $reason->text }} <cite>{{ $reason->source->words($screen->job->authority->rules->edition) }}</cite></li>
                @endforeach
            </ul>
            <p><b>Powers:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $verdict->powers), 10) ?: 'nothing that is marked' }}.</p>
            @if ($verdict->dead !== [])<p class="dead"><b>Stays dead:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $verdict->dead), 10) }}.</p>@endif
            <p><b>At night:</b> {{ $verdict->way->atNight() }}</p>
        </section>
    @endforeach
</div>
@php($verdict = $screen->design()->connection())
@if ($verdict?->way->layout($screen->design()->situation()))@include('connect.switch')@endif
<p class="caution">Utility permission, permit and inspection are the authority's to ask for{{ $screen->job->authority->rules->authority ? ' ('.$screen->job->authority->rules->authority.')' : '' }}. Only the utility can make the conductors ahead of the main dead.</p>

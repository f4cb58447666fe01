@php($way = $row->verdict->way)
@php($situation = $screen->design()->situation())
@php($isPicked = $screen->job->connection->way === $way->key())
<section class="sheet way-open" id="way-open">
    <div class="stage-head"><h2>{{ ucfirst($way->words()) }} <small>{{ $isPicked ? 'picked' : $row->verdict->possible->words() }}</small></h2></div>
    <div class="two-columns">
        <ul class="reasons">
            @foreach ($row->verdict->reasons as $reason)
                <li data-possible="{{ $reason->isChange ? 'change' : $reason->possible->value }}"><span class="sr">{{ $reason->isChange ? 'Change' : $reason->possible->words() }}: </span>{{ $reason->text }} <cite>{{ $reason->source->words($edition) }}</cite></li>
            @endforeach
        </ul>
        <dl class="facts-list">
            <div><dt>Powers</dt><dd>{{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $row->verdict->powers), 10) ?: 'nothing that is marked' }}.</dd></div>
            @if ($row->verdict->dead !== [])<div class="dead"><dt><b>Stays dead</b></dt><dd>{{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $row->verdict->dead), 10) }}.</dd></div>@endif
            <div><dt>At night</dt><dd>{{ $way->atNight() }}</dd></div>
            <div><dt>Fails by</dt><dd>{{ ucfirst($way->failsBy()) }}.</dd></div>
            <div><dt>Meter</dt><dd>{{ ucfirst($row->meter->words()) }}.{{ $row->meter->asksTheUtility() ? ' Write to the utility early: it takes weeks.' : '' }}</dd></div>
            <div><dt>Permit</dt><dd>{{ $screen->job->authority->rules->permit && $way->isWired() ? 'Needed' : 'Not needed' }}{{ $screen->job->authority->rules->who && $way->isWired() ? '; '.$screen->job->authority->rules->who : '' }}.</dd></div>
            @if ($row->cost->open !== [])<div><dt>Not in the money</dt><dd>{{ ucfirst(Underpin\Say::list($row->cost->open, 6)) }}.</dd></div>@endif
        </dl>
    </div>
    @if ($isPicked)
        @php($neutral = collect($screen->design()->assembly()?->bonds() ?? [])->first(fn ($bond) => $bond->id === 'neutral')?->lines[0])
        @if ($neutral)<div class="notice"><b>Neutral: {{ $neutral->pick }}.</b> {{ $neutral->why }} <cite>{{ $neutral->source->words($edition) }}</cite></div>@endif
        <div class="fields">
            @foreach ($connect->choices($way, $screen) as [$field, $value, $options])
                <form id="choice-{{ $field->name }}" method="post" action="{{ route('jobs.connection.choice.'.$field->name, ['job' => $screen->row->id, 'open' => $way->key()]) }}" data-parts data-autosave>
                    @csrf @method('PUT')<x-was :values="[$field->name => $value]"/>
                    @if ($options === null)<x-field :of="$field" :id="'way-'.$field->name" :value="$value"/>@else<x-pick :of="$field" :id="'way-'.$field->name" :options="$options" :value="is_bool($value) ? (int) $value : $value"/>@endif
                    <noscript><button type="submit" class="button">Save</button></noscript>
                </form>
            @endforeach
        </div>
        @php($plated = $way->platedPanel($situation))
        @if ($plated && $plated->inTheWayOfInterlock() !== [] && $situation->moves($plated)->plan->isPossible())
            <x-drawn :screen="$screen" kind="panel-moves"/>
            <form id="moves" method="post" action="{{ route('jobs.connection.moves', $screen->row->id) }}" data-parts>@csrf @method('PUT')
                <button type="submit" class="button">The {{ Underpin\Say::count($situation->moves($plated)->moves(), 'move is', 'moves are') }} made: write the panel as it is now</button><p class="error" data-error="moves"></p></form>
        @endif
    @endif
</section>

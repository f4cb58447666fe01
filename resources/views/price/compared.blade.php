@use('Underpin\Job\Quote\LineKind')
<section class="sheet" id="price" tabindex="-1">
    <h2>Price <small>from the design and the <a href="{{ route('prices') }}">price book</a></small></h2>
    @if ($offered->estimates === [])
        <div class="blank"><h2>Nothing to price yet</h2><p>{{ implode(' ', $waits) }} Parts, work and price follow from it: nothing is typed twice.</p></div>
    @else
    <section class="scroll" tabindex="0" aria-label="Price of each way"><table class="table compared">
        <thead><tr><th scope="col"><span class="sr">What</span></th>@foreach ($offered->estimates as $estimate)<th scope="col" class="num">{{ ucfirst($estimate->way->words()) }}@if ($loop->first) <small>picked</small>@endif</th>@endforeach</tr></thead>
        <tbody>
            @php($ways = $offered->ways())
            <tr class="is-words"><th scope="row">Runs</th>@foreach ($ways as $way)<td>{{ $way->powers ?: 'nothing' }}</td>@endforeach</tr>
            <tr class="is-words"><th scope="row">Stays dark</th>@foreach ($ways as $way)<td>{{ $way->dead ?: 'none of what must run' }}</td>@endforeach</tr>
            <tr class="is-words"><th scope="row">Asks at night</th>@foreach ($ways as $way)<td>{{ $way->night }}</td>@endforeach</tr>
            @foreach (LineKind::cases() as $kind)
                @if (collect($offered->estimates)->contains(fn ($e) => collect($e->lines)->contains(fn ($line) => $line->kind === $kind)))
                <tr><th scope="row">{{ $kind->words() }}@if ($kind === LineKind::Work) <small>hours</small>@endif</th>@foreach ($offered->estimates as $estimate)<td class="num">{{ $estimate->sum($kind)->words() }}@if ($kind === LineKind::Work) <small>{{ Underpin\Say::figure($estimate->hours()) }} h</small>@endif</td>@endforeach</tr>
                @endif
            @endforeach
            <tr><th scope="row">Sales tax</th>@foreach ($offered->estimates as $estimate)<td class="num">{{ $estimate->tax()->words() }}</td>@endforeach</tr>
            <tr class="is-sum"><th scope="row">Total</th>@foreach ($offered->estimates as $estimate)<td class="num">{{ $estimate->total()->words() }}@unless ($estimate->isWhole()) <small>and more</small>@endunless</td>@endforeach</tr>
            <tr class="quiet"><th scope="row">of it added to parts</th>@foreach ($offered->estimates as $estimate)<td class="num">{{ $estimate->margin()->words() }}</td>@endforeach</tr>
        </tbody>
    </table></section>
    @php($old = array_values(array_unique(array_merge(...array_map(fn ($e) => $e->oldPrices($today), $offered->estimates)))))
    @if ($old !== [])<p class="quiet">Prices of more than half a year ago, or of no day: {{ Underpin\Say::list($old, 6) }}. <a href="{{ route('prices') }}">Ask again</a></p>@endif
    @if ($waits !== [])<div class="notice"><b>Not a price yet:</b><ul>@foreach ($waits as $wait)<li>{{ $wait }}</li>@endforeach</ul>
        @if ($list->missing !== [])<a href="{{ $screen->links->to(Underpin\StageKey::Wire) }}#lengths">Measure and choose</a> @endif @if ($screen->job->offer->ownMachine === null)<a href="#offer">Say who has the machine</a> @endif @if (collect($offered->estimates)->contains(fn ($e) => $e->unpriced() !== []))<a href="#parts">Price the parts</a> @endif</div>@endif
    @endif
</section>

@use('Underpin\Say')
@use('Underpin\Outage\Acted')
@php($tally = $many->tally)
<section class="many" id="many" aria-label="A thousand outages like it">
    @if ($many->run && ! $many->isOfPage && $tally)<p class="quiet">The last thousand were of: {{ $many->run->input['season'] }}, {{ $many->run->input['hours'] }} h, {{ $many->run->input['home'] }}{{ $many->run->input['machine'] === '' ? '' : ', '.$many->run->input['machine'] }}. <a href="{{ route('jobs.outage', [$screen->row->id, ...$many->run->input]) }}#many">Look at them</a></p>@endif
    @if ($many->run && ($many->isStale || $many->run->state !== App\Runs\RunState::Done))
        @include('parts.run', ['run' => $many->run])
    @endif
    @if (! $many->run || ($many->run->state->isOver() && ! ($many->isOfPage && $tally && ! $many->isStale)))
        <form method="post" action="{{ route('jobs.outage.many', $screen->row->id) }}">@csrf
            @foreach (App\Screens\ManyOutagesScreen::input($outage->in) as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <button type="submit" class="button is-primary">Act out a thousand like it</button> <span class="quiet">other hours, other days, other turns of every load: how often it would be too much</span></form>
    @endif
    @if ($tally && $many->isOfPage)
        <h2>{{ number_format($tally->done()) }} outages like it @if ($many->isStale)<small>as the job was then</small>@endif</h2>
        <p class="verdict-line" data-tone="{{ $tally->overloaded() > 0 ? 'danger' : ($outage->acted === null || $outage->acted->doubts() !== [] ? 'advice' : 'good') }}">{{ $tally->overloaded() === 0 ? 'None of them had an overload.' : number_format($tally->overloaded()).' of '.number_format($tally->done()).' had an overload, '.Say::pct(100 * $tally->overloaded() / $tally->done()).' of them.' }}
            @if ($tally->dry() > 0) In {{ number_format($tally->dry()) }} the fuel ran out. @endif
            @if ($outage->acted?->result->burned !== null) Nine in ten burned no more than {{ number_format($tally->burnedAtMost(90), 1) }} {{ $outage->acted->unit() }}. @endif
            Without power for {{ Acted::hours($tally->meanDownS()) }} on average. {{ implode(' ', $outage->acted?->doubts() ?? []) }}</p>
        @if ($tally->overloads() > 0)
        <div class="many-why">
            <figure><figcaption>When: overloads by hour of the day</figcaption><x-drawing :drawing="$many->byHour()->drawing()" role="img" aria-label="Overloads by hour of the day"/></figure>
            <table class="table"><thead><tr><th scope="col">Why: what went on last</th><th scope="col" class="num">Times</th></tr></thead><tbody>
                @foreach (array_slice($many->causes(), 0, 6) as [$title, $times])<tr><td>{{ $title }}</td><td class="num">{{ number_format($times) }}</td></tr>@endforeach
                @foreach ($many->trips() as [$words, $times])<tr><td><i>{{ $words }}</i></td><td class="num">{{ number_format($times) }}</td></tr>@endforeach</tbody></table>
            <table class="table"><thead><tr><th scope="col">One change</th><th scope="col" class="num">Ends the overloads in</th></tr></thead><tbody>
                @foreach (array_slice($many->remedies, 0, 8) as $i => $remedy)<tr><td>@if ($i === 0)<b>{{ ucfirst($remedy->words) }}</b>@else{{ ucfirst($remedy->words) }}@endif</td><td class="num">{{ number_format($remedy->mendedPct(), 0) }} <small>%</small></td></tr>@endforeach</tbody></table>
        </div>
        <p class="quiet">Each change was tried on {{ $many->remedies[0]->tried ?? 0 }} of the outages that had an overload. A soft starter is taken to leave {{ Say::pct(Underpin\Codebook\SoftStarters::LEAVES_PCT) }} of the start: its data sheet comes first.</p>
        @endif
    @endif
</section>

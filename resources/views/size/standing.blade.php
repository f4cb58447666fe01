@use('Underpin\Say')
@php($limits = new Underpin\Sizing\CurrentLimits($picked, $screen->design()->assembly()))
@php($starts = new Underpin\Sizing\StartTable($picked))
@php($worst = $picked->running->worstAmps())
<section class="standing-picked" aria-label="How the picked machine stands">
    <p class="verdict-line" data-tone="{{ $picked->verdict->tone() }}"><b>{{ $picked->supply->words() }}.</b> {{ $limits->words() }} <a class="button" href="{{ route('jobs.outage', $row->id) }}">Live through an outage</a></p>
    <div class="standing-tables">
    <div class="scroll" tabindex="0" role="group" aria-label="What carries it for hours"><table class="table limits"><caption>What carries it for hours</caption><thead><tr><th scope="col">Limit</th><th scope="col" class="num">Carries</th><th scope="col"><span class="sr">Used</span></th></tr></thead>
        <tbody>@foreach ($limits->limits as $i => $limit)<tr @if ($i === 0) class="is-picked" @endif><th scope="row">{{ ucfirst($limit->name) }}@if ($i === 0) <small>binds</small>@endif</th><td class="num">{{ number_format($limit->amps, 1) }} <small>A</small></td>
            <td><svg class="share" viewBox="0 0 100 12" width="100" height="12" role="img" aria-label="{{ number_format(100 * $worst / $limit->amps) }} % of it is used"><rect class="share-all" x=".5" y=".5" width="99" height="11"/><rect class="share-on" width="{{ number_format(min(100, 100 * $worst / $limit->amps), 1) }}" height="12"/></svg> <small>{{ number_format(100 * $worst / $limit->amps) }} %</small></td></tr>@endforeach</tbody></table></div>
    @if ($starts->rows !== [])
    <div class="scroll" tabindex="0" role="group" aria-label="Starts"><table class="table starts"><caption>Starts, the largest first; {{ Say::amps($picked->supply->surgeLimitAmps()) }} for a moment, dip at most {{ Say::pct($starts->limitPct()) }}{{ $starts->hasElectronics ? ' with electronics on' : '' }}</caption>
        <thead><tr><th scope="col">What starts</th><th scope="col" class="num">Alone</th><th scope="col" class="num">All else on</th><th scope="col" class="num">Dip</th><th scope="col" class="num">With a soft starter</th></tr></thead>
        <tbody>@foreach (array_slice($starts->rows, 0, 8) as $start)<tr><th scope="row">{{ $start->circuit->label() }} {{ $start->load->name }}</th><td class="num">{{ number_format($start->amps, 1) }} <small>A</small></td>
            <td class="num" @if ($start->withAllOnAmps > $picked->supply->surgeLimitAmps() + 1e-9) data-tone="danger" @endif>{{ number_format($start->withAllOnAmps, 1) }} <small>A</small></td>
            <td class="num" @if ($start->dipIsOver()) data-tone="danger" @endif>@if ($start->dip === null)<small>none told</small>@else{{ number_format($start->dip->pct, 1) }} <small>%</small>@endif</td>
            <td class="num">@if ($start->softAmps === null)<small>no motor</small>@else{{ number_format($start->softAmps, 1) }} <small>A</small>@if ($start->softDip), {{ number_format($start->softDip->pct, 1) }} <small>%</small>@endif @endif</td></tr>@endforeach</tbody></table></div>
    @endif
    </div>
    @php($day = $screen->design()->turns())
    @if ($day)
    <section class="turns" aria-label="A day of turns"><h2>{{ $picked->verdict === Underpin\Sizing\Verdict::Short ? 'It does not hold all of it at once. In turns:' : 'In turns, every start would have its room' }}</h2>
        <x-drawing :drawing="(new Underpin\Drawing\Plot\TurnsChart($day, $screen::boardSize()->isStacked ? 420 : 1000))->drawing()" role="img" aria-label="A day of turns"/>
        <p class="quiet">{{ Underpin\Say::count(count($day->switches()), 'time') }} a day at the panel. On all the time: {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $day->always), 8) ?: 'nothing' }}. At most {{ Underpin\Say::amps($day->limitAmps) }} on a leg, so that any one of them can start at any time. {{ $day->costs() }} Hours are those of the load's on and off times, or usual ones, with a quarter on top{{ $day->isProven ? '' : '; a better day may exist' }}.</p>
    </section>
    @endif
    @if ($starts->rows !== [] || $picked->plan->startsMissing() !== [])@foreach ($starts->notes() as $note)<p class="quiet">{{ $note }}</p>@endforeach @endif
</section>

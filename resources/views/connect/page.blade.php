@php($picked = $screen->job->connection->way)
@php($edition = $screen->job->authority->rules->edition)
<div class="stage-head"><h1>How it connects</h1><x-next :screen="$screen"/></div>
<x-findings :screen="$screen" :edition="$edition" :findings="$screen->findings()"/>
@if ($connect->drift !== [])
    <div class="notice" role="status"><b>The way that was picked does not fit any more.</b> {{ implode(' ', $connect->drift) }}</div>
@endif
@if ($connect->matrix->best())<p class="lead"><b>Best fit here:</b> {{ $connect->matrix->because() }}</p>@endif
<section class="scroll" tabindex="0" aria-label="Ways of connecting"><table class="table matrix">
    <caption>{{ count($connect->matrix->rows) }} ways, best fit first. Bars: circuits that must run and get power. Money without the machine.</caption>
    <thead><tr><th scope="col" class="pick-col"><span class="sr">Pick</span></th><th scope="col">Way</th><th scope="col">Here</th><th scope="col">Powers</th><th scope="col" class="num">Money</th><th scope="col" class="num">Hours</th><th scope="col">Meter</th><th scope="col">At night</th></tr></thead>
    <tbody>@foreach ($connect->matrix->rows as $row)
        @php($way = $row->verdict->way)
        @php($isPicked = $picked === $way->key())
        <tr class="{{ $isPicked ? 'is-picked' : '' }}" data-possible="{{ $row->verdict->changes() !== [] && $row->verdict->possible === Underpin\Connection\Possible::Yes ? 'change' : $row->verdict->possible->value }}">
            <td class="pick-col"><form id="way-{{ $way->key() }}" method="post" action="{{ route('jobs.connection', ['job' => $screen->row->id, 'open' => $way->key()]) }}" data-parts>
                @csrf @method('PUT')
                <x-was :values="['connection' => $picked]"/>
                <input type="hidden" name="connection" value="{{ $isPicked ? '' : $way->key() }}"><button type="submit" class="radio" aria-pressed="{{ $isPicked ? 'true' : 'false' }}" aria-label="{{ $isPicked ? 'Picked, take back:' : 'Pick' }} {{ $way->words() }}" title="{{ $isPicked ? 'Picked; take back' : 'Pick this' }}"></button>
            </form></td>
            <th scope="row"><a href="{{ route('jobs.stage', [$screen->row->id, 'connect', 'open' => $way->key()]) }}#way-open" @if ($connect->open === $row) aria-current="true" @endif>{{ ucfirst($way->words()) }}</a></th>
            <td class="here"><span class="sr">{{ $row->verdict->possible->words() }}: </span>{{ $row->verdict->here() }}</td>
            <td class="powers">@if ($row->must > 0)<svg class="share" viewBox="0 0 74 10" width="74" height="10" aria-hidden="true"><rect class="share-all" x=".5" y=".5" width="73" height="9"/><rect class="share-on" x="0" y="0" width="{{ round(74 * $row->powered() / $row->must, 1) }}" height="10"/></svg><span class="mono">{{ $row->powered() }} of {{ $row->must }}</span>@else<span class="quiet">nothing marked</span>@endif</td>
            <td class="num">@if (! $row->cost->sum->isNone()){{ $row->cost->sum->rough() }}@if ($row->cost->open !== [])<span title="Without {{ Underpin\Say::list($row->cost->open, 8) }}"> +</span>@endif @else<span class="quiet">no prices</span>@endif</td>
            <td class="num">{{ Underpin\Say::figure($row->cost->hours) }}</td>
            <td>{{ $row->meter->words() }}</td>
            <td>{{ $row->night->words() }}</td>
        </tr>
    @endforeach</tbody>
</table></section>
@if (collect($connect->matrix->rows)->contains(fn ($row) => $row->cost->open !== []))<p class="quiet">+ more is to come: something has no price or is not measured. <a href="{{ route('prices') }}">Price book</a></p>@endif
<div class="schools">
    @if ($connect->interlockOrSwitch !== [])<section class="sheet"><h2>Interlock or switch, on this job</h2>@foreach ($connect->interlockOrSwitch as $line)<p>{{ $line }}</p>@endforeach</section>@endif
    @if ($connect->inlet !== [])<section class="sheet"><h2>An inlet for today, or for 50 A</h2>@foreach ($connect->inlet as $line)<p>{{ $line }}</p>@endforeach</section>@endif
</div>
@if ($connect->open)@include('connect.open', ['row' => $connect->open])@endif
@php($verdict = $screen->design()->connection())
@if ($verdict?->way->layout($screen->design()->situation()))@include('connect.switch')@endif
@if ($verdict?->way->transfersByItself())@include('connect.shed')@include('connect.settings')@endif
<p class="caution">Utility permission, permit and inspection are the authority's to ask for{{ $screen->job->authority->rules->authority ? ' ('.$screen->job->authority->rules->authority.')' : '' }}. Only the utility can make the conductors ahead of the main dead.</p>

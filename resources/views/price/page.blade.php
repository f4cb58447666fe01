@php($picked = $connect->matrix->find($screen->job->connection->way))
<div class="stage-head"><h1>What is ordered</h1><x-next :screen="$screen"/></div>
<x-findings :screen="$screen" :edition="$screen->job->authority->rules->edition" :findings="$screen->findings()"/>
@if ($list->missing !== [])
    <div class="notice"><b>Not on the list yet, because it is not measured or not chosen:</b> {{ Underpin\Say::list($list->missing, 20) }}.
        <a href="{{ $screen->links->to($screen->design()->supply() === null ? Underpin\StageKey::Size : ($screen->design()->way() === null ? Underpin\StageKey::Connect : Underpin\StageKey::Wire)) }}">Go there</a></div>
@endif
@if ($list->lines === [])
    <div class="blank"><h2>Nothing to order yet</h2><p>The parts follow from the machine, the way of connecting and the lengths: nothing is typed twice.</p></div>
@else
    @if ($picked)
        <dl class="figures">
            <div><dt>{{ ucfirst($picked->verdict->way->words()) }}</dt><dd>@if (! $picked->cost->sum->isNone()){{ $picked->cost->sum->rough() }}@if ($picked->cost->open !== []) <small>and more</small>@endif @else no prices @endif</dd></div>
            <div><dt>Hours</dt><dd>{{ Underpin\Say::figure($picked->cost->hours) }} <i>h</i></dd></div>
        </dl>
        <p class="quiet">By the <a href="{{ route('prices') }}">price book</a>, without the machine.{{ $picked->cost->open === [] ? '' : ' Not in it: '.Underpin\Say::list($picked->cost->open, 8).'.' }}</p>
    @endif
    <div class="scroll" tabindex="0" role="region" aria-label="Parts"><table class="table parts">
        <caption>{{ Underpin\Say::count(count($list->lines), 'line') }}, from the design: a length is the run with its slack, up to a whole foot.</caption>
        <thead><tr><th scope="col">Part</th><th scope="col" class="num">Quantity</th><th scope="col">Unit</th><th scope="col">For</th></tr></thead>
        <tbody>@foreach ($list->lines as $line)
            <tr><th scope="row">{{ $line->part }}</th><td class="num">{{ Underpin\Say::figure($line->quantity) }}</td><td>{{ $line->unit }}</td><td>{{ implode('; ', $line->because) }}</td></tr>
        @endforeach</tbody>
    </table></div>
    <p class="files"><a class="button" href="{{ route('jobs.parts', $screen->row->id) }}">Parts as CSV</a> <button class="button" type="button" data-key="print">Print</button></p>
@endif
<section class="sheet" id="papers"><h2>Papers</h2>
    <ul class="papers">@foreach (Underpin\Papers\Papers::standard()->all() as $paper)
        @php($waits = $paper->waitsFor($screen->review))
        <li>@if ($waits === '')<a class="button" href="{{ route('jobs.paper', [$screen->row->id, $paper->key()]) }}">{{ $paper->title() }}, PDF</a>@else<b>{{ $paper->title() }}</b> <span class="quiet">{{ $waits }}</span>@endif</li>
    @endforeach</ul>
</section>
@php($dates = Underpin\Keep\JobDates::of($screen->design(), now()->toDateString()))
@if ($dates !== [])
<section class="sheet" id="dates"><h2>Dates <small>counted from today, as long as nothing else is noted; the manual comes first</small></h2>
    <div class="scroll" tabindex="0" role="region" aria-label="Dates"><table class="table">
        <thead><tr><th scope="col">Day</th><th scope="col">What</th><th scope="col">Comes round</th><th scope="col">Why</th></tr></thead>
        <tbody>@foreach ($dates as $date)<tr><td class="mono">{{ $date->on }}</td><th scope="row">{{ $date->title }}</th><td>{{ $date->everyMonths === null ? 'once' : 'every '.Underpin\Say::count($date->everyMonths, 'month') }}</td><td>{{ $date->why }}</td></tr>@endforeach</tbody>
    </table></div>
    <p class="files"><a class="button" href="{{ route('jobs.dates', $screen->row->id) }}">Dates for a calendar</a></p>
</section>
@endif
<p class="caution">A list of parts is no permit: the authority and the utility say what they want to see, and the labels of the parts come first.</p>

<div class="stage-head">
    <h1>The switching card</h1>
    <div class="actions">
        @if ($canRehearse)<a class="button is-primary" href="{{ route('jobs.rehearsal', $screen->row->id) }}">Rehearse an outage</a>@endif
        <a class="button" href="{{ route('jobs.card', $screen->row->id) }}">Print view</a>
        <a class="button" href="{{ route('jobs.card.pdf', $screen->row->id) }}">PDF, one sheet</a>
        <a class="button" href="{{ route('jobs.card.large', $screen->row->id) }}">Large print</a>
        @if ($canRehearse)<a class="button" href="{{ route('jobs.drawings', [$screen->row->id, 'marks', 1, 'pdf']) }}">Marks to stick</a><a class="button" href="{{ route('jobs.drawings', [$screen->row->id, 'door-label', 1, 'pdf']) }}">Door label</a>@endif
    </div>
</div>
<form id="school-form" class="segmented segmented-wide" method="post" action="{{ route('jobs.routine', $screen->row->id) }}" data-parts aria-label="Order of the start">
    @csrf @method('PUT')
    <x-was :values="['start_school' => $screen->job->connection->routine->value]"/>
    @foreach (Underpin\Job\StartRoutine::cases() as $routine)
        <button type="submit" name="start_school" value="{{ $routine->value }}" aria-pressed="{{ $screen->job->connection->routine === $routine ? 'true' : 'false' }}">{{ ucfirst($routine->words()) }}</button>
    @endforeach
</form>
@include('documents.card-body', ['contents' => new App\Documents\Card\CardContents(Underpin\Outage\SwitchingCard::of($screen->review), $screen->job, $screen->row), 'mend' => fn (Underpin\Outage\CardGap $gap) => $screen->links->to($gap->stage, array_filter(['at' => $gap->circuitId]))])
@if ($canRehearse)
<section class="sheet" id="rehearsals"><h2>Rehearsals <small>twice a year, by everybody who may be home</small></h2>
    @if ($screen->job->work->dryRuns === [])<p class="quiet">Nobody has rehearsed yet.</p>
    @else
    <section class="scroll" tabindex="0" aria-label="Rehearsals"><table class="table is-stacking">
        <thead><tr><th scope="col">Day</th><th scope="col">Who</th><th scope="col" class="num">Minutes</th><th scope="col" class="num">Mistakes</th><th scope="col">Where</th></tr></thead>
        <tbody>@foreach (array_reverse($screen->job->work->dryRuns) as $run)<tr><td class="mono" data-label="Day">{{ $run->on }}</td><th scope="row">{{ $run->who }}</th><td class="num" data-label="Minutes">{{ Underpin\Say::figure($run->minutes) }}</td><td class="num" data-label="Mistakes">{{ $run->mistakes }}</td><td data-label="Where">{{ $run->onScreen ? 'on the screen' : 'at the panel' }}</td></tr>@endforeach</tbody>
    </table></section>@endif
    <h3>For the house, without an account</h3>
    @if ($link === null)<p>A link opens this rehearsal on any telephone: this house's breakers and machine, and nothing else of the customer. It ends after 13 months, or when you end it.</p>
    @else
    <div class="rehearse-link"><div class="square" data-square="{{ $link->address() }}" role="img" aria-label="Square pattern of the address beside it"></div>
        <div><p class="key-text mono">{{ $link->address() }}</p><p class="quiet">Works until {{ $link->expires_at->toDateString() }}. It stands on the print view of the card too.</p></div></div>
    @endif
    <div class="actions"><form method="post" id="link-form" action="{{ route('jobs.rehearsal.link', $screen->row->id) }}">@csrf @method('PUT')<button type="submit" class="button">{{ $link === null ? 'Make a link' : 'Make a new link, end this one' }}</button></form>
    @if ($link !== null)<form method="post" id="link-end-form" action="{{ route('jobs.rehearsal.link.end', $screen->row->id) }}">@csrf @method('DELETE')<button type="submit" class="button is-quiet">End the link</button></form>@endif
    <a class="button" href="{{ route('jobs.paper', [$screen->row->id, 'drill-sheet']) }}">Drill sheet on paper</a></div>
</section>
@endif

<div class="stage-head">
    <h1>The switching card</h1>
    <div class="actions">
        <a class="button is-primary" href="{{ route('jobs.card', $screen->row->id) }}">Print view</a>
        <a class="button" href="{{ route('jobs.card.pdf', $screen->row->id) }}">PDF, one sheet</a>
    </div>
</div>
<form id="school-form" class="segmented segmented-wide" method="post" action="{{ route('jobs.routine', $screen->row->id) }}" data-parts aria-label="Order of the start">
    @csrf @method('PUT')
    <x-was :values="['start_school' => $screen->job->connection->routine->value]"/>
    @foreach (Underpin\Job\StartRoutine::cases() as $routine)
        <button name="start_school" value="{{ $routine->value }}" aria-pressed="{{ $screen->job->connection->routine === $routine ? 'true' : 'false' }}">{{ ucfirst($routine->words()) }}</button>
    @endforeach
</form>
@include('documents.card-body', ['contents' => new App\Documents\Card\CardContents(Underpin\Outage\SwitchingCard::of($screen->review), $screen->job, $screen->row), 'mend' => fn (Underpin\Outage\CardGap $gap) => $screen->links->to($gap->stage, array_filter(['at' => $gap->circuitId]))])

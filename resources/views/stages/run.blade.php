<div class="stage-head">
    <h1>The switching card</h1>
    <div class="actions">
        <a class="button is-primary" href="{{ route('jobs.card', $screen->row->id) }}">Print view</a>
        <a class="button" href="{{ route('jobs.card.pdf', $screen->row->id) }}">PDF, one sheet</a>
    </div>
</div>
<form id="school-form" class="segmented segmented-wide" method="post" action="{{ route('jobs.school', $screen->row->id) }}" data-parts aria-label="Order of the start">
    @csrf @method('PUT')
    <x-was :values="['start_school' => $screen->job->school->value]"/>
    @foreach (Underpin\Outage\StartSchool::cases() as $school)
        <button name="start_school" value="{{ $school->value }}" aria-pressed="{{ $screen->job->school === $school ? 'true' : 'false' }}">{{ ucfirst($school->words()) }}</button>
    @endforeach
</form>
@include('documents.card-body', ['card' => Underpin\Outage\SwitchingCard::of($screen->review), 'file' => $screen->job])

<div class="stage-head">
    <h1>What is there</h1>
    <div class="actions">
        @if ($screen->job->service->panels !== [])<a class="button" href="{{ route('jobs.schedule.create', $screen->row->id) }}">Bring in a schedule</a>@endif
        <a class="button" href="{{ route('jobs.schedule.export', $screen->row->id) }}" title="The schedule as CSV">CSV</a>
        <a class="button" href="{{ route('jobs.export', $screen->row->id) }}">Job file</a>
        <x-next :screen="$screen"/>
    </div>
</div>
@if ($screen->job->service->panels === [])@include('survey.begin')@endif
@part('survey.details')
<p class="rules-line"><b>Local rules:</b> {{ $screen->job->authority->rules->authority ?: 'the code without amendments' }}, {{ $screen->job->authority->rules->edition }}{{ $screen->job->authority->rules->splicesInPanel ? '' : ', no splices in panels' }}{{ $screen->job->authority->rules->dated ? ', as of '.$screen->job->authority->rules->dated : '' }}. <a href="{{ route('jobs.rules', $screen->row->id) }}">Look and change</a></p>
@part('survey.chain')
@part('survey.existing')
@part('survey.site')
@php($kept = array_filter($screen->job->circuits(), fn ($c) => $c->keepOn !== ''))
@if ($kept !== [])
    <p class="caution"><b>Must not lose power during the work:</b> @foreach ($kept as $circuit){{ $circuit->title() }} ({{ $circuit->keepOn }})@if (! $loop->last); @endif @endforeach</p>
@endif
@php($plated = $screen->design()->way()?->platedPanel($screen->design()->situation()))
@if ($plated && $plated->inTheWayOfInterlock() !== [] && $screen->design()->situation()->moves($plated)->plan->isPossible())
    <p class="asks-for">The interlock needs spaces {{ implode(' and ', $plated->interlockSpaces()) }}: {{ Underpin\Say::count($screen->design()->situation()->moves($plated)->moves(), 'move frees', 'moves free') }} them. <a id="best-moves" href="{{ $screen->links->to(Underpin\StageKey::Connect) }}#moves">Look at the board before and after, and make the best moves</a></p>
@endif
@part('parts.board')

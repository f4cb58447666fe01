<div class="stage-head">
    <h1>What is there</h1>
    <div class="actions">
        @if ($screen->job->service->panels !== [])<a class="button" href="{{ route('jobs.schedule.create', $screen->row->id) }}">Bring in a schedule</a>@endif
        <a class="button" href="{{ route('jobs.schedule.export', $screen->row->id) }}" title="The schedule as CSV">CSV</a>
        <a class="button" href="{{ route('jobs.export', $screen->row->id) }}">Job file</a>
        <x-next :screen="$screen"/>
    </div>
</div>
@php($row = $screen->row)
@if ($screen->job->service->panels === [])@include('survey.begin')@endif
<details class="sheet" @if (($screen->job->service->panels !== [] && ($row->customer_name === '' || $row->service_a === null)) || $errors->hasAny(['name', 'customer_name', 'service_a'])) open @endif>
    <summary>Job and customer <small>{{ $row->customer_name ?: 'no customer yet' }}{{ $row->service_a ? ', '.$row->service_a.' A service' : '' }}</small></summary>
    @php($was = App\Http\Controllers\Jobs\JobController::facts($screen->job))
    @php($f = (new App\Http\Requests\Jobs\JobFactsRequest)->form())
    <form id="job-form" method="post" action="{{ route('jobs.update', $row->id) }}" data-parts data-autosave>
        @csrf @method('PATCH')
        <x-was :values="$was"/>
        <div class="fields">
            <x-field :of="$f->field('name')" id="j-name" :value="$row->name"/>
            <x-field :of="$f->field('customer_name')" id="j-customer" :value="$row->customer_name"/>
            <x-field :of="$f->field('service_a')" id="j-service" :value="$row->service_a"/>
        </div>
        <div class="fields">
            <x-field :of="$f->field('customer_address')" id="j-address" :value="$row->customer_address"/>
            <x-field :of="$f->field('customer_phone')" id="j-phone" :value="$row->customer_phone"/>
            <x-field :of="$f->field('customer_email')" id="j-email" :value="$row->customer_email"/>
            <x-field :of="$f->field('customer_utility_phone')" id="j-utility" :value="$row->customer_utility_phone" hint="it stands on the card"/>
        </div>
        <x-field :of="$f->field('notes')" id="j-notes" :value="$row->notes"/>
        <button type="submit" class="button is-primary">Save</button>
    </form>
</details>
<p class="rules-line"><b>Local rules:</b> {{ $screen->job->authority->rules->authority ?: 'the code without amendments' }}, {{ $screen->job->authority->rules->edition }}{{ $screen->job->authority->rules->splicesInPanel ? '' : ', no splices in panels' }}{{ $screen->job->authority->rules->dated ? ', as of '.$screen->job->authority->rules->dated : '' }}. <a href="{{ route('jobs.rules', $row->id) }}">Look and change</a></p>
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

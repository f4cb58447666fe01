<x-layouts.loads :screen="$screen" title="Measure" at="measure">
    <x-slot:actions><div class="actions"><button type="submit" class="button is-primary" form="new-recording" id="start-recording">Start recording</button></div></x-slot:actions>
    <div class="halves">
        <section class="way" aria-label="New recording">
            <h2>Record with two clamps on the mains</h2>
            <ol class="steps"><li>Clamp one leg each, ahead of every branch. Only a qualified person works in an open panel: the lugs above the main stay live.</li><li>Start, then switch the circuits on one by one, and say which.</li><li>Take the figures that are offered. Then act out an outage evening and look at the highest moment.</li></ol>
            @php($f = (new App\Http\Requests\Loads\RecordingRequest)->form())
            <form id="new-recording" method="post" action="{{ route('jobs.recordings.store', $screen->row->id) }}" class="sheet-form">
                @csrf
                <x-field :of="$f->field('name')" id="rc-name" value="One by one"/>
                <div class="fields">
                    <x-pick :of="$f->field('inlet_a')" id="rc-inlet" :value="$screen->job->wire->inletAmps === 50 ? 50 : 30"/>
                    <x-field :of="$f->field('buffer_a')" unit="A a leg" id="rc-buffer" value="0"/>
                </div>
                <button type="submit" class="button">Start recording</button>
            </form>
        </section>
        <section class="way" aria-label="Read off">
            <h2>Read off a meter, and typed in</h2>
            <p class="quiet">Counts the same as a recording.</p>
            @if ($screen->job->circuits() === [])<p class="caution">There are no breakers yet. <a href="{{ $screen->links->to(Underpin\StageKey::Survey) }}">Put them in the survey</a> first.</p>@else
            @php($f = (new App\Http\Requests\Loads\MeasuredRequest)->form())
            <form id="by-hand-form" method="post" action="{{ route('jobs.measured', $screen->row->id) }}" data-parts class="sheet-form">
                @csrf @method('PUT')
                <input type="hidden" name="by_hand" value="1">
                <x-pick :of="$f->field('circuit')" id="bh-circuit" :options="App\Screens\RecordingScreen::circuitNames($screen->job)"/>
                <div class="fields">
                    <x-pick :of="$f->field('measured_leg')" id="bh-leg"/>
                    <x-field :of="$f->field('measured_run_a')" id="bh-run"/>
                    <x-field :of="$f->field('measured_start_a')" id="bh-start"/>
                </div>
                <button type="submit" class="button is-primary">Keep it</button>
            </form>
            @endif
        </section>
    </div>
    <section aria-label="Recordings">
        <h2>Recordings</h2>
        @if ($recordings->isEmpty())<p class="quiet">None yet.</p>@endif
        <ul class="rows">@foreach ($recordings as $each)<li><a href="{{ route('jobs.recordings.show', [$screen->row->id, $each->key]) }}"><b>{{ $each->name }}</b> <span class="quiet">{{ date('Y-m-d H:i', intdiv($each->began_ms, 1000)) }}{{ $each->ended ? '' : ', running' }}</span></a></li>@endforeach</ul>
        <form id="readings-form" method="post" action="{{ route('jobs.recordings.import', $screen->row->id) }}" enctype="multipart/form-data" class="inline">
            @csrf
            <div class="field"><label class="label" for="rd-file">Readings from a file</label><input class="input" id="rd-file" type="file" name="file" accept=".csv,.txt,.tsv" required><p class="hint">a time and both legs: Time (s), Leg A (A), Leg B (A)</p><p class="error" data-error="file" role="alert">@error('file'){{ $message }}@enderror</p></div>
            <x-pick :of="App\Http\Requests\TableFields::decimal()" id="rd-decimal"/>
            <button type="submit" class="button">Bring in</button>
        </form>
        @if ($run)@include('parts.run')@endif
        @if ($removed->isNotEmpty())<details class="by-hand"><summary>Removed</summary><ul class="rows">@foreach ($removed as $each)<li>{{ $each->name }} <form method="post" action="{{ route('jobs.recordings.restore', [$screen->row->id, $each->key]) }}">@csrf<button type="submit" class="button is-quiet">Bring it back</button></form></li>@endforeach</ul></details>@endif
    </section>
    @part('loads.measured')
</x-layouts.loads>

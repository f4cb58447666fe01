<x-layouts.loads :screen="$screen" :title="$recording->name" at="measure">
    <x-slot:actions>
        <div class="actions">
            @unless ($recording->ended)<form method="post" action="{{ route('jobs.recordings.stop', [$screen->row->id, $recording->key]) }}" data-stop>@csrf<button type="submit" class="button is-primary" id="stop-recording">Stop and look</button></form>@endunless
            <a class="button" href="{{ route('jobs.recordings.export', [$screen->row->id, $recording->key]) }}">CSV</a>
            <a class="button" href="{{ route('jobs.recordings', $screen->row->id) }}">All recordings</a>
        </div>
    </x-slot:actions>
    @php($summary = $data->summary)
    @if (! $recording->ended)
        @push('scripts')@vite('resources/js/loads/recorder.js')@endpush
        <noscript><p class="caution">The recorder needs scripts. Without them, read the meter and type its figures in under Measure.</p></noscript>
        <section id="recorder" class="recorder" data-meter="{{ route('jobs.meter.readings', $screen->row->id) }}" data-readings="{{ route('jobs.recordings.readings', [$screen->row->id, $recording->key]) }}" data-marks="{{ route('jobs.recordings.marks', [$screen->row->id, $recording->key]) }}" data-offers="{{ route('jobs.recordings.offers', [$screen->row->id, $recording->key]) }}" data-key="{{ $recording->key }}" data-began="{{ $recording->began_ms }}" data-last="{{ App\Recordings\RecordingRows::lastMs($recording) ?? -1 }}" data-inlet="{{ $recording->inlet_a }}" data-peak-a="{{ $summary->peakA ?? 0 }}" data-peak-b="{{ $summary->peakB ?? 0 }}" aria-label="Recorder">
            <div class="now"><div class="now-leg now-a"><span>Leg A</span><b data-now="a">–</b><i>A</i><small>peak <span data-peak="a">–</span></small></div><div class="now-leg now-b"><span>Leg B</span><b data-now="b">–</b><i>A</i><small>peak <span data-peak="b">–</span></small></div><div class="now-state"><b data-clock>0:00</b><span data-state>starting</span></div></div>
            <canvas class="trace" width="900" height="240" role="img" aria-label="Both legs over the last minute; the figures above say the same"></canvas>
            <form id="mark-form" class="mark-form">
                <x-pick id="mark-circuit" name="circuit" label="I am switching on" :options="['' => 'something else'] + App\Screens\RecordingScreen::circuitNames($screen->job)"/>
                <x-field id="mark-said" name="said" label="in words" maxlength="100"/>
                <button type="submit" class="button is-primary" title="Mark ( m )"><kbd>m</kbd> Mark now</button>
            </form>
        </section>
        <div class="halves recorder-two">
            @include('loads.offers', ['data' => $data])
            @if ($meter)@include('loads.meter')@endif
        </div>
    @else
        @php($plot = $data->plot)
        @if ($summary && $plot)
            <figure class="scroll" tabindex="0" role="group" aria-label="Both legs; the figures below say the same">
                <x-drawing :drawing="$plot" class="whole-trace" aria-hidden="true"/>
            </figure>
            <p class="legend"><span class="legend-item"><span class="key key-a"></span> leg A</span> <span class="legend-item"><span class="key key-b"></span> leg B, dashed</span></p>
            <dl class="figures">
                <div><dt>Peak, leg A</dt><dd>{{ number_format($summary->peakA, 1) }} <i>A at {{ Underpin\Say::clock($summary->peakAAtMs) }}</i></dd></div>
                <div><dt>Peak, leg B</dt><dd>{{ number_format($summary->peakB, 1) }} <i>A at {{ Underpin\Say::clock($summary->peakBAtMs) }}</i></dd></div>
                <div><dt>Highest 10 s</dt><dd>{{ number_format($summary->lastingA, 1) }} <i>and</i> {{ number_format($summary->lastingB, 1) }} <i>A</i></dd></div>
                <div><dt>Mean</dt><dd>{{ number_format($summary->meanA, 1) }} <i>and</i> {{ number_format($summary->meanB, 1) }} <i>A</i></dd></div>
                <div><dt>Imbalance</dt><dd>{{ number_format($summary->imbalancePct()) }} <i>%</i></dd></div>
                <div><dt>Readings</dt><dd>{{ number_format($summary->count) }} <i>{{ $summary->gaps === 0 ? 'without a gap' : Underpin\Say::count($summary->gaps, 'gap') }}</i></dd></div>
            </dl>
        @else
            <p class="quiet">This recording holds no readings.</p>
        @endif
        @php($f = (new App\Http\Requests\Loads\RecordingRequest)->form())
        <form id="recording-form" method="post" action="{{ route('jobs.recordings.update', [$screen->row->id, $recording->key]) }}" class="sheet-form">
            @csrf @method('PUT')
            <x-was :values="['name' => $recording->name, 'inlet_a' => $recording->inlet_a, 'buffer_a' => $recording->buffer_a]"/>
            <div class="fields">
                <x-field :of="$f->field('name')" id="rs-name" :value="$recording->name"/>
                <x-pick :of="$f->field('inlet_a')" id="rs-inlet" :value="$recording->inlet_a"/>
                <x-field :of="$f->field('buffer_a')" unit="A a leg" id="rs-buffer" :value="Underpin\Csv\Number::write($recording->buffer_a)" :hint="'must run and not marked here, by the list: '.number_format($data->notRun->aAmps, 1).' A on leg A, '.number_format($data->notRun->bAmps, 1).' A on B'"/>
                <div class="pair"><button type="submit" class="button">Hold against it</button></div>
            </div>
        </form>
        @if ($summary)<p class="verdict-line" data-tone="{{ $summary->spareAmps($recording->inlet_a, $recording->buffer_a) < 0 ? 'danger' : 'good' }}"><b>{{ $data->inletWords() }}</b> Highest ten seconds {{ number_format(max($summary->lastingA, $summary->lastingB), 1) }} A{{ $recording->buffer_a > 0 ? ' and '.number_format($recording->buffer_a, 1).' A buffer' : ', no buffer yet for what did not run' }}.</p>@endif
        @include('loads.offers', ['data' => $data])
        <form method="post" action="{{ route('jobs.recordings.destroy', [$screen->row->id, $recording->key]) }}">@csrf @method('DELETE')<button type="submit" class="button is-quiet">Remove this recording</button></form>
    @endif
    @part('loads.measured')
</x-layouts.loads>

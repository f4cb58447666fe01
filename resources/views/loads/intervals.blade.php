<x-layouts.loads :screen="$screen" title="What the utility's meter recorded" at="intervals">
    @push('scripts')@vite('resources/js/loads/intervals.js')@endpush
    @php($year = $data->year)
    @php($map = $data->map)
    @php($f = (new App\Http\Requests\Loads\UtilityDataRequest)->form())
    <form id="interval-form" class="sheet-form import" method="post" action="{{ route('jobs.intervals.store', $screen->row->id) }}" enctype="multipart/form-data" data-upload="intervals">
        @csrf<input type="hidden" name="seen" value="{{ $screen->row->intervalRecords()->value('key') }}">
        <p class="quiet">The utility's download of interval data: a CSV table (start and end, or start and minutes; kWh, Wh, kW or W) or ESPI XML, 5 to 60 minutes a value, up to five years. A whole year is what the code asks for.</p>
        <div class="fields">
            <div class="field">
                <label class="label" for="iv-file">File</label>
                <input class="input" id="iv-file" type="file" name="file" accept=".csv,.txt,.tsv,.xml,text/csv,text/xml,application/xml" required aria-describedby="iv-file-error">
                <p class="error" id="iv-file-error" data-error="file" role="alert">@error('file'){{ $message }}@enderror</p>
            </div>
            <x-pick :of="$f->field('zone')" id="iv-zone" :options="array_combine(array_column(Underpin\Measure\Interval\Zone::cases(), 'value'), array_map(fn ($z) => $z->words(), Underpin\Measure\Interval\Zone::cases()))" :value="$year?->zone->value ?? 'eastern'"/>
            <x-pick :of="App\Http\Requests\TableFields::decimal()" id="iv-decimal"/>
            <div class="pair"><button type="submit" class="button is-primary">Bring it in</button></div>
        </div>
        <div class="progress-line" hidden><progress max="1"></progress> <output></output></div>
    </form>
    @if ($run)@include('parts.run')@endif
    @if ($year)
        <section class="recorded" aria-label="Recorded peak">
            <p class="big"><b>{{ number_format($year->peakW) }}</b> {{ $year->isVa ? 'VA' : 'W' }} <span>highest {{ $year->seconds > 900 ? ($year->seconds / 60).'-minute' : 'quarter-hour' }} mean, on {{ $year->local($year->peakAt) }}</span></p>
            <dl class="figures">
                <div><dt>From</dt><dd>{{ $year->local($year->from) }}</dd></div>
                <div><dt>To</dt><dd>{{ $year->local($year->to) }}</dd></div>
                <div><dt>Days</dt><dd>{{ number_format($year->spanDays(), 1) }}</dd></div>
                <div><dt>Values</dt><dd>{{ number_format($year->count) }} <i>of {{ $year->seconds / 60 }} min</i></dd></div>
                <div><dt>Energy</dt><dd>{{ number_format($year->kwh) }} <i>kWh</i></dd></div>
                <div><dt>Gaps</dt><dd>{{ number_format($year->gapCount) }} <i>with {{ number_format($year->missing) }} missing</i></dd></div>
                <div><dt>Doubles</dt><dd>{{ number_format($year->doubles) }} <i>{{ $year->contradictions ? number_format($year->contradictions).' contradict' : '' }}</i></dd></div>
                @if ($year->daylightDoubles)<div><dt>Clock change</dt><dd>{{ number_format($year->daylightDoubles) }} <i>of the hour twice</i></dd></div>@endif
                @if ($year->blanks)<div><dt>Blank rows</dt><dd>{{ number_format($year->blanks) }}</dd></div>@endif
                @if ($year->negatives)<div><dt>Sent out</dt><dd>{{ number_format($year->negatives) }} <i>values below 0</i></dd></div>@endif
            </dl>
            @foreach ([...$data->recorded->conditions(), ...$year->notes] as $note)<p class="caution">{{ $note }}</p>@endforeach
        </section>
        <section aria-label="Map of days and hours">
            <h2>Day by hour @if ($map->years() > 1)<small>@for ($i = 0; $i < $map->years(); $i++)<a href="{{ route('jobs.intervals', [$screen->row->id, 'back' => $i]) }}" @if ($map->back === $i) aria-current="true" @endif>{{ $i === 0 ? 'last year' : $i.($i === 1 ? ' year before' : ' years before') }}</a> @endfor</small>@endif</h2>
            @php($drawn = $map->drawing())
            <figure class="load-map scroll" tabindex="0" role="group" aria-label="Map; the tables below say the same">
                <x-drawing :drawing="$drawn" width="{{ $drawn->sheet->width }}" aria-hidden="true"/>
            </figure>
            <p class="legend">mean {{ $year->isVa ? 'VA' : 'W' }} of the hour: @foreach ($map->steps() as $i => $watts)<span class="legend-item"><span class="key level-key-{{ $i }}"></span> {{ number_format($watts) }}</span> @endforeach <span class="legend-item"><span class="key key-none"></span> not recorded</span> <span class="legend-item"><span class="key key-peak"></span> the peak</span></p>
        </section>
        <div class="halves">
            <section aria-label="Highest weeks"><h2>Highest weeks</h2>
                <table class="table"><thead><tr><th scope="col">Week from Monday</th><th scope="col" class="num">kWh</th></tr></thead><tbody>@foreach ($year->weeks as $week)<tr><td>{{ $week->monday }}</td><td class="num">{{ number_format($week->kwh, 1) }}</td></tr>@endforeach</tbody></table>
                @if ($year->gaps !== [])<details class="twin"><summary>Gaps</summary><table class="table"><thead><tr><th scope="col">From</th><th scope="col" class="num">Values missing</th></tr></thead><tbody>@foreach ($year->gaps as $gap)<tr><td>{{ $year->local($gap->from) }}</td><td class="num">{{ number_format($gap->missing) }}</td></tr>@endforeach</tbody></table>@if ($year->gapCount > count($year->gaps))<p class="quiet">and {{ number_format($year->gapCount - count($year->gaps)) }} more</p>@endif</details>@endif
            </section>
            <section aria-label="Months"><h2>By month</h2>
                <table class="table"><thead><tr><th scope="col">Month</th><th scope="col" class="num">Mean</th><th scope="col" class="num">Highest hour</th></tr></thead><tbody>@foreach ($map->table() as $row)<tr><td>{{ $row['month'] }}</td><td class="num">{{ number_format($row['mean']) }} W</td><td class="num">{{ number_format($row['highest']) }} W</td></tr>@endforeach</tbody></table>
            </section>
        </div>
        <section class="way" aria-label="Use the peak">
            <h2>Use this peak in the load calculation</h2>
            <p class="quiet">{{ Underpin\Codebook\Source::nec('220.87')->words($screen->job->authority->rules->edition) }}: 125 % of the peak, and the load to be added. The meter counts {{ $year->isVa ? 'volt-amperes' : 'watts; divided by a power factor they become the volt-amperes that wires carry' }}.</p>
            @php($f = (new App\Http\Requests\Loads\RecordedPeakRequest)->form())
            <form id="peak-form" method="post" action="{{ route('jobs.intervals.peak', $screen->row->id) }}" class="sheet-form">
                @csrf @method('PUT')
                <div class="fields">
                    <x-field :of="$f->field('pf')" id="pk-pf" value="0.95" inputmode="decimal"/>
                    <x-field :of="$f->field('new_load_va')" id="pk-new" value="0"/>
                    <div class="pair"><button type="submit" class="button is-primary">Use it</button></div>
                </div>
            </form>
            <form method="post" action="{{ route('jobs.intervals.destroy', $screen->row->id) }}">@csrf @method('DELETE')<button type="submit" class="button is-quiet">Remove this data</button></form>
        </section>
    @endif
</x-layouts.loads>

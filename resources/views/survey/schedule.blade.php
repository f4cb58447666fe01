<x-layouts.page :title="'Schedule · '.$job->name" :job="$job">
    @push('scripts')@vite('resources/js/survey/schedule.js')@endpush
    <x-topbar><a class="jobname" href="{{ route('jobs.stage', [$job->id, 'survey']) }}">← {{ $job->name }}</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>Bring in a panel schedule</h1><div class="actions"><a class="button" href="{{ route('jobs.schedule.export', $job->id) }}" title="The schedule of this job as CSV">CSV out</a> <button type="button" class="button" data-workbook="{{ route('jobs.schedule.export', $job->id) }}" data-name="{{ Illuminate\Support\Str::slug($job->name) ?: 'job' }}-schedule" title="The schedule of this job as a workbook">XLSX out</button></div></div>
        <details class="by-hand csv-out">
            <summary>CSV for another spreadsheet</summary>
            <form id="csv-out" class="fields" method="get" action="{{ route('jobs.schedule.export', $job->id) }}">
                <x-pick name="delimiter" label="Between the cells" id="out-delimiter" :options="['comma' => 'comma', 'semicolon' => 'semicolon', 'tab' => 'tab']" value="semicolon"/>
                <x-pick name="decimal" label="Decimal mark" id="out-decimal" :options="['point' => 'point: 1.5', 'comma' => 'comma: 1,5']" value="comma"/>
                <x-pick name="mark" label="Byte-order mark" id="out-mark" :options="['1' => 'with, for older spreadsheets', '0' => 'without']" value="1"/>
                <div class="pair"><button type="submit" class="button">CSV out</button></div>
            </form>
        </details>
        @if ($reading)
            <section class="reading">
                <p class="reading-sum"><b>{{ $reading->goodRows }}</b> good rows @if ($reading->badRows)<span class="flag" data-severity="wrong">{{ $reading->badRows }}</span> with faults @endif
                    @foreach ($reading->panels as $panel)<span>{{ $panel->name }}: {{ count($panel->circuits) }} breakers in {{ $panel->spaces }} spaces, {{ array_sum(array_map(fn ($c) => count($c->loads), $panel->circuits)) }} loads</span>@endforeach
                    @if ($reading->ignoredColumns !== [])<span class="quiet">Left out: {{ implode(', ', $reading->ignoredColumns) }}</span>@endif
                </p>
                @if (in_array(Underpin\Csv\DecimalMark::Comma, $reading->marks, true))<p class="caution">Its figures were read with a decimal comma: 1,5 is one and a half.</p>@endif
                @if ($reading->doubts !== [])
                    <ul class="caution">@foreach (array_slice($reading->doubts, 0, 20) as $doubt)<li>Row {{ $doubt->row }}: {{ $doubt->message }} Look whether that is so.</li>@endforeach</ul>
                @endif
                @if ($reading->sizes !== [])@include('survey.sheet.sizes')@endif
                @include('survey.sheet.look')
                @include('survey.sheet.changes')
                <h2>Or another file</h2>
            </section>
        @elseif ($sheet)
            <section class="reading">
                <p class="error" role="alert">{{ $refused }}</p>
                @include('survey.sheet.look')
                <h2>Or another file</h2>
            </section>
        @endif
        <div class="two">
            <form id="schedule-form" method="post" action="{{ route('jobs.schedule.read', $job->id) }}" enctype="multipart/form-data">
                @csrf
                <label class="label" for="schedule-file">The sheet: .xlsx, .ods, .csv, .tsv or text</label>
                <input class="input" id="schedule-file" name="file" type="file" accept=".csv,.txt,.tsv,.xlsx,.xlsm,.xls,.ods,text/csv,text/plain">
                <div id="sheet-pick" class="field" hidden><label class="label" for="sheet-name">Sheet of the workbook</label><div class="select"><select id="sheet-name"></select></div></div>
                <noscript><p class="quiet">Without scripts a workbook cannot be opened here: save the sheet as CSV.</p></noscript>
                @error('file')<p class="error" role="alert">{{ $message }}</p>@enderror
                <label class="label" for="pasted">or paste the rows here</label>
                <textarea class="textarea" id="pasted" name="pasted" rows="8" spellcheck="false" @if (! $reading && ! $sheet) autofocus @endif>{{ old('pasted') }}</textarea>
                <button type="submit" class="button is-primary">Look at it</button>
                <p class="quiet">Nothing is saved yet.</p>
            </form>
            <section class="help">
                <h2>Any panel schedule</h2>
                <p>As it is: with titles above, a left and a right side, 20/1, 2P-30, 15/20 or 12A/12B for tandems, 15 AFCI, 1,3 or 1-3, SPARE and SPACE. Columns are known by what people write over them (ckt, circuit #, description, serves, breaker, trip …), or by what is in them. What can stand in a sheet:</p>
                <dl class="columns">
                    <div><dt>space</dt><dd>5, 5-7, or 12a and 12b for the halves of a tandem, 5a-7b and 5b-7a for the pairs of a quad. The only one that must be there.</dd></div>
                    <div><dt>panel</dt><dd>for more than one panel</dd></div>
                    <div><dt>poles, amps, circuit</dt><dd>1 or 2; the breaker; what it feeds</dd></div>
                    <div><dt>protection</dt><dd>none, AFCI, GFCI or dual</dd></div>
                    <div><dt>role</dt><dd>must, room or off</dd></div>
                    <div><dt>load, kind, run_w, start_w, pf</dt><dd>one row a load; rows of one space are one circuit</dd></div>
                    <div><dt>note</dt><dd>anything</dd></div>
                </dl>
                <p>In any order; comma, semicolon or tab between them.</p>
                <pre tabindex="0" role="group" aria-label="Example">space,poles,amps,circuit,role,load,run_w,start_w
5,2,20,Well pump,must,Pump,1100,4400
12a,1,15,Hall lights,room,Lamps,60,</pre>
            </section>
        </div>
    </main>
</x-layouts.page>

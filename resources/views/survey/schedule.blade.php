<x-layouts.page :title="'Schedule · '.$job->name" :job="$job">
    @push('scripts')@vite('resources/js/survey/schedule.js')@endpush
    <x-topbar><a class="jobname" href="{{ route('jobs.stage', [$job->id, 'survey']) }}">← {{ $job->name }}</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>Bring in a panel schedule</h1><div class="actions"><a class="button" href="{{ route('jobs.schedule.export', $job->id) }}" title="The schedule of this job as CSV">CSV out</a> <button type="button" class="button" data-workbook="{{ route('jobs.schedule.export', $job->id) }}" data-name="{{ Illuminate\Support\Str::slug($job->name) ?: 'job' }}-schedule" title="The schedule of this job as a workbook">XLSX out</button></div></div>
        @if ($reading)
            <section class="reading">
                <p class="reading-sum"><b>{{ $reading->goodRows }}</b> good rows @if ($reading->badRows)<span class="flag" data-severity="wrong">{{ $reading->badRows }}</span> with faults @endif</p>
                @if ($reading->ignoredColumns !== [])<p class="quiet">Columns not known and left out: {{ implode(', ', $reading->ignoredColumns) }}.</p>@endif
                @foreach ($reading->panels as $panel)
                    <p>{{ $panel->name }}: {{ count($panel->circuits) }} breakers in {{ $panel->spaces }} spaces, {{ array_sum(array_map(fn ($c) => count($c->loads), $panel->circuits)) }} loads.</p>
                @endforeach
                @if ($reading->doubts !== [])
                    <ul class="caution">@foreach (array_slice($reading->doubts, 0, 20) as $doubt)<li>Row {{ $doubt->row }}: {{ $doubt->message }} Look whether that is so.</li>@endforeach</ul>
                @endif
                @if ($reading->faults !== [])
                    <form id="mend-form" method="post" action="{{ route('jobs.schedule.read', $job->id) }}">
                        @csrf <input type="hidden" name="text" value="{{ $text }}"><input type="hidden" name="others" value="{{ $others->value }}">
                        <h2>What is wrong <small>by row of the sheet; type it right here, and look again</small></h2>
                        @foreach ($faulty as $line => $cells)
                            <fieldset class="mend">
                                <legend>Row {{ $line }}</legend>
                                @foreach ($reading->faults as $fault)@if ($fault->row === $line)<p class="error"><b>{{ $fault->column }}</b> {{ $fault->message }}</p>@endif @endforeach
                                <div class="mend-cells">
                                    @foreach ($reading->columns as $place => $meaning)
                                        @continue($meaning === null)
                                        <div class="field"><label class="label" for="cell-{{ $line }}-{{ $place }}">{{ str_replace('+', ', ', $meaning) }}</label><input class="input" id="cell-{{ $line }}-{{ $place }}" name="cell-{{ $line }}-{{ $place }}" value="{{ $cells[$place] ?? '' }}" autocomplete="off"></div>
                                    @endforeach
                                </div>
                            </fieldset>
                        @endforeach
                        <button class="button">Look again</button>
                        @if (count($reading->faults) > count($faulty))<p class="quiet">{{ Underpin\Say::count(count($reading->faults), 'fault') }} in all.</p>@endif
                    </form>
                @endif
                <div class="halves sheet-made">
                    <section aria-label="What it would change">
                        <h2>What it would change <small>{{ $changes->kept }} {{ $changes->kept === 1 ? 'circuit stays' : 'circuits stay' }} as {{ $changes->kept === 1 ? 'it is' : 'they are' }}</small></h2>
                        @if ($changes->losses() !== [])
                            <p class="caution"><b>{{ Underpin\Say::count(count($changes->losses()), 'circuit') }} would be gone:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->before->title(), $changes->losses()), 12) }}. {{ $others->whyGone() }}</p>
                        @endif
                        <form id="others-form" class="segmented segmented-wide" method="post" action="{{ route('jobs.schedule.read', $job->id) }}" aria-label="What the sheet does not have">
                            @csrf <input type="hidden" name="text" value="{{ $text }}">
                            @foreach (Underpin\Exchange\Schedule\Others::cases() as $each)<button name="others" value="{{ $each->value }}" aria-pressed="{{ $others === $each ? 'true' : 'false' }}">Missing in the sheet: {{ $each->words() }}</button>@endforeach
                        </form>
                @if ($reading->goodRows > 0)
                    <form id="take-form" method="post" action="{{ route('jobs.schedule.take', $job->id) }}">
                        @csrf <input type="hidden" name="text" value="{{ $text }}"><input type="hidden" name="others" value="{{ $others->value }}">
                        <button class="button is-primary">{{ $reading->badRows ? 'Take the '.$reading->goodRows.' good rows' : 'Take all '.$reading->goodRows.' rows' }}</button>
                        <p class="quiet">A circuit that keeps its space and name keeps what the sheet has no column for. It can be undone.</p>
                    </form>
                @endif
                        @if ($changes->changes === [])
                            <p class="quiet">Nothing.</p>
                        @else
                            <div class="scroll" tabindex="0" role="region" aria-label="Table"><table class="table">
                                <thead><tr>@if (count($boards) > 1)<th>Panel</th>@endif<th>Space</th><th>Is</th><th>Will be</th></tr></thead>
                                <tbody>@foreach (array_slice($changes->changes, 0, 250) as $change)<tr>@if (count($boards) > 1)<td>{{ $change->panel }}</td>@endif<th scope="row" class="num">{{ $change->label() }}</th><td class="quiet">{{ $change->was() }}</td><td>@if ($change->isLoss())<b>gone</b>@else{{ $change->becomes() }}@endif</td></tr>@endforeach</tbody>
                            </table></div>
                        @endif
                    </section>
                    <section aria-label="The board it makes">
                        @foreach ($boards as $board)
                            <h2>{{ $board->title }}</h2>
                            <figure class="board"><x-drawing :drawing="$board" role="img" aria-label="{{ $board->title }}: the table says what would change"/></figure>
                        @endforeach
                    </section>
                </div>
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
                <textarea class="textarea" id="pasted" name="pasted" rows="8" spellcheck="false">{{ old('pasted') }}</textarea>
                <button class="button is-primary">Look at it</button>
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
                <pre tabindex="0" role="region" aria-label="Example">space,poles,amps,circuit,role,load,run_w,start_w
5,2,20,Well pump,must,Pump,1100,4400
12a,1,15,Hall lights,room,Lamps,60,</pre>
            </section>
        </div>
    </main>
</x-layouts.page>

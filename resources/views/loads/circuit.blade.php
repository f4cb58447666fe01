<section class="loads" aria-label="Loads">
    <h3>What hangs on it</h3>
    @forelse ($circuit->loads as $load)
        <form id="load-{{ $load->id }}" class="load" method="post" action="{{ route('jobs.loads.update', [$screen->row->id, $load->id]) }}" data-parts data-autosave aria-label="{{ $load->name }}">
            @csrf @method('PATCH')
            <x-was :values="['name' => $load->name, 'kind' => $load->kind->value, 'run_w' => $load->runW, 'start_w' => $load->startW, 'pf' => $load->pf, 'duty' => $load->duty?->value, 'on_s' => $load->onS, 'off_s' => $load->offS, 'season' => $load->season?->value, 'phase' => $load->partOfDay?->value]"/>
            <x-field :id="'ln-'.$load->id" name="name" label="Load" :value="$load->name" maxlength="100"/>
            <div class="fields">
                <x-field :id="'lr-'.$load->id" name="run_w" label="Runs" unit="W" :value="Underpin\Csv\Number::write($load->runW)"/>
                <x-field :id="'ls-'.$load->id" name="start_w" label="Starts" unit="W" :value="Underpin\Csv\Number::write($load->startW)"/>
                <x-field :id="'lp-'.$load->id" name="pf" label="PF" :value="Underpin\Csv\Number::write($load->pf)" inputmode="decimal"/>
            </div>
            <details class="by-hand" @if ($load->duty || $load->season || $load->partOfDay) open @endif>
                <summary>When it runs</summary>
                <div class="fields">
                    <x-pick :id="'ld-'.$load->id" name="duty" label="Duty" :options="['' => 'as usual', 'continuous' => 'continuous', 'cycling' => 'cycling', 'by hand' => 'by hand']" :value="$load->duty?->value"/>
                    @if ($load->duty === Underpin\Job\Duty::Cycling)
                        <x-field :id="'lo-'.$load->id" name="on_s" label="On" unit="s" :value="Underpin\Csv\Number::write($load->onS)"/>
                        <x-field :id="'lf-'.$load->id" name="off_s" label="Off" unit="s" :value="Underpin\Csv\Number::write($load->offS)"/>
                    @else
                        <input type="hidden" name="on_s" value=""><input type="hidden" name="off_s" value="">
                    @endif
                </div>
                <div class="fields">
                    <x-pick :id="'lz-'.$load->id" name="season" label="Season" :options="['' => 'all year', 'winter' => 'winter', 'summer' => 'summer']" :value="$load->season?->value"/>
                    <x-pick :id="'lu-'.$load->id" name="phase" label="Used" :options="['' => 'any time', 'morning' => 'mornings', 'day' => 'by day', 'evening' => 'evenings', 'night' => 'at night']" :value="$load->partOfDay?->value"/>
                </div>
            </details>
            <div class="fields fields-end">
                <x-kind-pick :id="'lk-'.$load->id" :value="$load->kind->value"/>
                <button class="button">Save</button>
                <button class="button is-quiet" form="remove-{{ $load->id }}" title="Remove {{ $load->name }}">Remove</button>
            </div>
        </form>
        <form id="remove-{{ $load->id }}" method="post" action="{{ route('jobs.loads.destroy', [$screen->row->id, $load->id]) }}" data-parts>@csrf @method('DELETE')</form>
    @empty
        <p class="quiet">Nothing yet. Find it in the library, or type its nameplate.</p>
    @endforelse
    @if ($circuit->loads !== [])
        <dl class="figures">
            <div><dt>Runs</dt><dd>{{ number_format($circuit->runAmps(), 1) }} <i>A</i></dd></div>
            <div><dt>Starts</dt><dd>{{ number_format($circuit->startAmps(), 1) }} <i>A</i></dd></div>
            <div><dt>Watts</dt><dd>{{ number_format($circuit->runW()) }} <i>W</i></dd></div>
        </dl>
    @endif
</section>
<details class="by-hand" @if ($circuit->measured) open @endif>
    <summary>Measured <small>{{ $circuit->measured?->words() ?? 'not yet' }}</small></summary>
    <form id="measured-form" method="post" action="{{ route('jobs.measured', $screen->row->id) }}" data-parts>
        @csrf @method('PUT')
        <x-was :values="['measured_leg' => $circuit->measured?->leg->value, 'measured_run_a' => $circuit->measured?->runAmps, 'measured_start_a' => $circuit->measured?->startAmps]"/>
        <input type="hidden" name="circuit" value="{{ $circuit->id }}"><input type="hidden" name="by_hand" value="1">
        <div class="fields">
            <x-pick id="me-leg" name="measured_leg" label="Rose on" :options="['A' => 'leg A', 'B' => 'leg B', 'AB' => 'both']" :value="$circuit->measured?->leg->value ?? $circuit->leg()->value"/>
            <x-field id="me-run" name="measured_run_a" label="Runs" unit="A" :value="Underpin\Csv\Number::write($circuit->measured?->runAmps)"/>
            <x-field id="me-start" name="measured_start_a" label="Starts" unit="A" :value="Underpin\Csv\Number::write($circuit->measured?->startAmps)"/>
        </div>
        <button class="button">Keep what was measured</button>
    </form>
    @if ($circuit->measured)
        <form method="post" action="{{ route('jobs.measured.destroy', $screen->row->id) }}" data-parts class="aside-form">@csrf @method('DELETE')<input type="hidden" name="circuit" value="{{ $circuit->id }}"><button class="button is-quiet">Remove this measurement</button></form>
    @endif
</details>
<section class="library" aria-label="Library" x-data="library" data-url="{{ route('jobs.library', [$screen->row->id, 'circuit' => $circuit->id]) }}">
    <label class="label" for="library-q">Add from the library</label>
    <input id="library-q" class="input" type="search" placeholder="well pump, freezer, router …" maxlength="60" autocomplete="off" x-on:input="search" x-on:focus="search">
    <div id="library-found"></div>
</section>
<details class="by-hand" @if ($circuit->loads === []) open @endif>
    <summary>Add by hand</summary>
    <form id="new-load-form" method="post" action="{{ route('jobs.loads.store', [$screen->row->id, $circuit->id]) }}" data-parts>
        @csrf
        <x-field id="nl-name" name="name" label="Load" maxlength="100"/>
        <div class="fields">
            <x-field id="nl-run" name="run_w" label="Runs" unit="W"/>
            <x-field id="nl-start" name="start_w" label="Starts" unit="W"/>
            <x-field id="nl-pf" name="pf" label="PF" value="1" inputmode="decimal"/>
        </div>
        <x-kind-pick id="nl-kind" value="other"/>
        <button class="button is-primary">Add the load</button>
    </form>
</details>
<details class="by-hand">
    <summary>Add from a nameplate</summary>
    <form id="nameplate-form" method="post" action="{{ route('jobs.loads.nameplate', [$screen->row->id, $circuit->id]) }}" data-parts>
        @csrf
        <x-field id="np-load" name="name" label="Load" maxlength="100"/>
        <p class="quiet">At {{ $circuit->leg()->volts() }} V on this circuit. Rated and locked-rotor amps, or horsepower and code letter.</p>
        <div class="fields">
            <x-field id="np-rla" name="rla" label="Rated" unit="A"/>
            <x-field id="np-lra" name="lra" label="Locked rotor" unit="A"/>
        </div>
        <div class="fields">
            <x-pick id="np-hp" name="hp" label="Horsepower" :options="['' => '–'] + array_combine(Underpin\Codebook\MotorCurrents::sizes(), Underpin\Codebook\MotorCurrents::sizes())"/>
            <x-pick id="np-letter" name="code_letter" label="Code letter" :options="['' => '–'] + array_combine(Underpin\Codebook\CodeLetters::letters(), Underpin\Codebook\CodeLetters::letters())"/>
        </div>
        <div class="fields">
            <x-field id="np-pf" name="pf" label="PF" value="0.85" inputmode="decimal"/>
            <x-field id="np-soft" name="soft_start_pct" label="Soft start leaves" unit="%" value="100"/>
        </div>
        <x-kind-pick id="np-kind" value="pump"/>
        <button class="button is-primary">Add the load</button>
    </form>
</details>

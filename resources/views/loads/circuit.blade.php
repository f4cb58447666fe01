@include('loads.by-name')
<section class="loads" aria-label="Loads">
    <h3>What hangs on it</h3>
    @forelse ($circuit->loads as $load)
        @php($f = (new App\Http\Requests\Loads\LoadRequest)->form())
        <form id="load-{{ $load->id }}" class="load" method="post" action="{{ route('jobs.loads.update', [$screen->row->id, $load->id]) }}" data-parts data-autosave aria-label="{{ $load->name }}">
            @csrf @method('PATCH')
            <x-was :of="$f" :values="Underpin\Job\Part\LoadPart::write($load)"/>
            <x-field :of="$f->field('name')" :id="'ln-'.$load->id" :value="$load->name"/>
            <div class="fields">
                <x-field :of="$f->field('run_w')" :id="'lr-'.$load->id" :value="Underpin\Csv\Number::write($load->runW)"/>
                <x-field :of="$f->field('start_w')" :id="'ls-'.$load->id" :value="Underpin\Csv\Number::write($load->startW)"/>
                <x-field :of="$f->field('pf')" :id="'lp-'.$load->id" :value="Underpin\Csv\Number::write($load->pf)" inputmode="decimal"/>
            </div>
            <div class="fields">
                <x-pick :of="$f->field('plug')" :id="'lg-'.$load->id" :value="$load->plug === null ? '' : (int) $load->plug"/>
                @if ($circuit->position->poles === 2)<x-pick :of="$f->field('pole')" :id="'le-'.$load->id" :value="$load->pole"/>@else<input type="hidden" name="pole" value="{{ $load->pole }}">@endif
                @if ($load->kind === Underpin\Job\LoadKind::Medical)<x-field :of="$f->field('bridge_min')" :id="'lb-'.$load->id" :value="Underpin\Csv\Number::write($load->bridgeMin)"/>@else<input type="hidden" name="bridge_min" value="{{ Underpin\Csv\Number::write($load->bridgeMin) }}">@endif
            </div>
            <details class="by-hand" @if ($load->duty || $load->season || $load->partOfDay) open @endif>
                <summary>When it runs</summary>
                <div class="fields">
                    <x-pick :of="$f->field('duty')" :id="'ld-'.$load->id" :value="$load->duty?->value"/>
                    @if ($load->duty === Underpin\Job\Duty::Cycling)
                        <x-field :of="$f->field('on_s')" :id="'lo-'.$load->id" :value="Underpin\Csv\Number::write($load->onS)"/>
                        <x-field :of="$f->field('off_s')" :id="'lf-'.$load->id" :value="Underpin\Csv\Number::write($load->offS)"/>
                    @else
                        <input type="hidden" name="on_s" value=""><input type="hidden" name="off_s" value="">
                    @endif
                </div>
                <div class="fields">
                    <x-pick :of="$f->field('season')" :id="'lz-'.$load->id" :value="$load->season?->value"/>
                    <x-pick :of="$f->field('phase')" :id="'lu-'.$load->id" :value="$load->partOfDay?->value"/>
                </div>
            </details>
            <div class="fields fields-end">
                <x-kind-pick :id="'lk-'.$load->id" :value="$load->kind->value"/>
                <button type="submit" class="button">Save</button>
                <button type="submit" class="button is-quiet" form="remove-{{ $load->id }}" title="Remove {{ $load->name }}">Remove</button>
            </div>
        </form>
        <form id="remove-{{ $load->id }}" method="post" action="{{ route('jobs.loads.destroy', [$screen->row->id, $load->id]) }}" data-parts>@csrf @method('DELETE')</form>
    @empty
        <p class="quiet">Nothing yet. Take it by its name, find it in the library, or type its nameplate.</p>
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
    @php($f = (new App\Http\Requests\Loads\MeasuredRequest)->form())
    <form id="measured-form" method="post" action="{{ route('jobs.measured', $screen->row->id) }}" data-parts>
        @csrf @method('PUT')
        <x-was :values="['measured_leg' => $circuit->measured?->leg->value, 'measured_run_a' => $circuit->measured?->runAmps, 'measured_start_a' => $circuit->measured?->startAmps]"/>
        <input type="hidden" name="circuit" value="{{ $circuit->id }}"><input type="hidden" name="by_hand" value="1">
        <div class="fields">
            <x-pick :of="$f->field('measured_leg')" id="me-leg" :value="$circuit->measured?->leg->value ?? $circuit->leg()->value"/>
            <x-field :of="$f->field('measured_run_a')" id="me-run" :value="Underpin\Csv\Number::write($circuit->measured?->runAmps)"/>
            <x-field :of="$f->field('measured_start_a')" id="me-start" :value="Underpin\Csv\Number::write($circuit->measured?->startAmps)"/>
        </div>
        <button type="submit" class="button">Keep what was measured</button>
    </form>
    @if ($circuit->measured)
        <form method="post" action="{{ route('jobs.measured.destroy', $screen->row->id) }}" data-parts class="aside-form">@csrf @method('DELETE')<input type="hidden" name="circuit" value="{{ $circuit->id }}"><button type="submit" class="button is-quiet">Remove this measurement</button></form>
    @endif
</details>
<section class="library" aria-label="Library" x-data="library" data-url="{{ route('jobs.library', [$screen->row->id, 'circuit' => $circuit->id]) }}">
    <label class="label" for="library-q">Add from the library</label>
    <input id="library-q" class="input" type="search" placeholder="well pump, freezer, router …" maxlength="60" autocomplete="off" x-on:input="search" x-on:focus="search">
    <div id="library-found"></div>
</section>
<details class="by-hand" @if ($circuit->loads === []) open @endif>
    <summary>Add by hand</summary>
    @php($f = (new App\Http\Requests\Loads\NewLoadRequest)->form())
    <form id="new-load-form" method="post" action="{{ route('jobs.loads.store', [$screen->row->id, $circuit->id]) }}" data-parts>
        @csrf
        <x-field :of="$f->field('name')" id="nl-name"/>
        <div class="fields">
            <x-field :of="$f->field('run_w')" id="nl-run"/>
            <x-field :of="$f->field('start_w')" id="nl-start"/>
            <x-field :of="$f->field('pf')" id="nl-pf" value="1" inputmode="decimal"/>
        </div>
        <x-kind-pick id="nl-kind" value="other"/>
        <button type="submit" class="button is-primary">Add the load</button>
    </form>
</details>
<details class="by-hand">
    <summary>Add from a nameplate</summary>
    @php($f = (new App\Http\Requests\Loads\NameplateRequest)->form())
    <form id="nameplate-form" method="post" action="{{ route('jobs.loads.nameplate', [$screen->row->id, $circuit->id]) }}" data-parts>
        @csrf
        <x-field :of="$f->field('name')" id="np-load"/>
        <p class="quiet">At {{ $circuit->leg()->volts() }} V on this circuit. Rated and locked-rotor amps, or horsepower and code letter.</p>
        <div class="fields">
            <x-field :of="$f->field('rla')" id="np-rla"/>
            <x-field :of="$f->field('lra')" id="np-lra"/>
        </div>
        <div class="fields">
            <x-pick :of="$f->field('hp')" id="np-hp"/>
            <x-pick :of="$f->field('code_letter')" id="np-letter"/>
        </div>
        <div class="fields">
            <x-field :of="$f->field('pf')" id="np-pf" value="0.85" inputmode="decimal"/>
            <x-field :of="$f->field('soft_start_pct')" id="np-soft" value="100"/>
        </div>
        <x-kind-pick id="np-kind" value="pump"/>
        <button type="submit" class="button is-primary">Add the load</button>
    </form>
</details>

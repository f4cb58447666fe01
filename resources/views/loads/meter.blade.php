<section id="part-meter" class="meter" aria-label="Stand-in house">
    <h2>The stand-in house <small class="quiet">what the two clamps read</small></h2>
    <p class="quiet">Close and open its breakers here, as you would at the panel. The house is as it is: its labels may lie.</p>
    @if ($meter->row->state['loads'] === [])<p class="caution">The house has no circuits yet. <a href="{{ $screen->links->to(Underpin\StageKey::Loads) }}">List what hangs on the breakers</a>, then it has something to switch.</p>@endif
    <ul class="switches">
        @foreach ($screen->job->drawingCircuits() as $circuit)
            @if ($meter->has($circuit->id))
                @php($on = $meter->isOn($circuit->id))
                <li><form id="switch-{{ $circuit->id }}" method="post" action="{{ route('jobs.meter.switch', $screen->row->id) }}" data-parts>
                    @csrf @method('PUT')
                    <input type="hidden" name="circuit" value="{{ $circuit->id }}">
                    <button type="submit" id="switch-{{ $circuit->id }}-button" name="on" value="{{ $on ? 0 : 1 }}" aria-pressed="{{ $on ? 'true' : 'false' }}"><span class="throw" aria-hidden="true"></span><span>{{ $circuit->label() }}</span> {{ $circuit->name }}</button>
                </form></li>
            @endif
        @endforeach
    </ul>
    <details class="by-hand">
        <summary>Knobs</summary>
        @php($f = (new App\Http\Requests\Loads\StandInHouseRequest)->form())
        <form id="meter-form" method="post" action="{{ route('jobs.meter.update', $screen->row->id) }}" data-parts data-autosave>
            @csrf @method('PUT')
            <div class="fields">
                <x-field :of="$f->field('base_a')" id="mt-a" :value="Underpin\Csv\Number::write((float) $meter->row->state['base_a'])"/>
                <x-field :of="$f->field('base_b')" id="mt-b" :value="Underpin\Csv\Number::write((float) $meter->row->state['base_b'])"/>
                <x-field :of="$f->field('noise_a')" id="mt-noise" :value="Underpin\Csv\Number::write((float) $meter->row->state['noise_a'])"/>
                <x-pick :of="$f->field('swapped')" id="mt-swapped" :value="(int) $meter->row->state['swapped']"/>
            </div>
            <noscript><button type="submit" class="button">Set</button></noscript>
        </form>
    </details>
</section>

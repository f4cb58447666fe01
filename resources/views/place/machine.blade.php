@php($f = (new App\Http\Requests\Place\SpotRequest)->form())
@php($spot = $plan->spot)
@php([$wide, $deep] = Underpin\Placement\PlannedPlace::sizeFt($screen->job))
<section class="sheet" id="on-plan-machine" tabindex="-1"><h2>The machine <small>{{ $machine->name ?? 'none picked' }}{{ $wide && $deep ? ', '.Underpin\Say::figure($wide).' × '.Underpin\Say::figure($deep).' ft' : '' }}</small></h2>
<form id="spot-form" class="sheet-form" method="post" action="{{ route('jobs.place.machine', $screen->row->id) }}" data-parts @if ($spot) data-autosave @endif>
    @csrf @method('PUT')<x-was :of="$f" :values="App\Http\Requests\Place\SpotRequest::shown($spot)"/>
    <div class="fields">
        <x-field :of="$f->field('x')" id="spot-x" :value="Underpin\Csv\Number::write($spot?->x)"/>
        <x-field :of="$f->field('y')" id="spot-y" :value="Underpin\Csv\Number::write($spot?->y)"/>
        <x-pick :of="$f->field('exhaust')" id="spot-exhaust" :value="$spot?->exhaust->value ?? 'right'"/>
        <x-field :of="$f->field('width_ft')" id="spot-w" :value="Underpin\Csv\Number::write($spot?->widthFt)"/>
        <x-field :of="$f->field('depth_ft')" id="spot-d" :value="Underpin\Csv\Number::write($spot?->depthFt)"/>
        <x-field :of="$f->field('platform_in')" id="spot-platform" :value="Underpin\Csv\Number::write($spot?->platformIn)"/>
    </div>
    <fieldset class="served"><legend>Served from <small>none ticked: every side</small></legend>
        @foreach (Underpin\Job\Plan\PlanSide::cases() as $side)<input type="hidden" name="served_{{ $side->value }}" value="0"><label class="check"><input type="checkbox" name="served_{{ $side->value }}" value="1" @checked($spot && in_array($side, $spot->served, true))> {{ $side->value }}</label>@endforeach
    </fieldset>
    <button type="submit" class="button is-primary">{{ $spot ? 'Save' : 'Place it' }}</button>
</form>
@if ($spot)
    @php($m = (new App\Http\Requests\Place\FurtherMachineRequest)->form())
    <details class="by-hand"@if ($plan->more !== []) open @endif><summary>Further machines of the same make <small>each keeps all distances, and they are heard together</small></summary>
    @foreach ([...$plan->more, null] as $i => $other)
        @php($key = $other === null ? 'new' : $i + 2)
        <form id="further-{{ $key }}" class="sheet-form" method="post" action="{{ route('jobs.place.further', $screen->row->id) }}" data-parts @if ($other) data-autosave @endif>
            @csrf @method('PUT')<input type="hidden" name="machine" value="{{ $other === null ? 0 : $i + 2 }}"><x-was :values="$other === null ? [] : App\Http\Controllers\Place\FurtherMachineController::shown($other)"/>
            <div class="fields">
                <x-field :of="$m->field('x')" :id="'further-x-'.$key" :value="Underpin\Csv\Number::write($other?->x)"/>
                <x-field :of="$m->field('y')" :id="'further-y-'.$key" :value="Underpin\Csv\Number::write($other?->y)"/>
                <x-pick :of="$m->field('exhaust')" :id="'further-exhaust-'.$key" :value="$other?->exhaust->value ?? $spot->exhaust->value"/>
            </div>
            <button type="submit" class="button">{{ $other === null ? 'Add a machine' : 'Save machine '.($i + 2) }}</button>
            @if ($other)<button type="submit" class="button is-quiet" form="without-{{ $key }}">Take machine {{ $i + 2 }} off the plan</button>@endif
        </form>
        @if ($other)<form id="without-{{ $key }}" method="post" action="{{ route('jobs.place.further.destroy', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="machine" value="{{ $i + 2 }}"></form>@endif
    @endforeach
    </details>
@endif
</section>

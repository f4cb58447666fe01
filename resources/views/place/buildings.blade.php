@php($f = (new App\Http\Requests\Place\BuildingRequest)->form())
@php($o = (new App\Http\Requests\Place\OpeningRequest)->form())
<section class="sheet" id="buildings"><h2>Buildings <small>feet, to the right and up from a corner that you choose</small></h2>
@foreach ([...$plan->buildings ?? [], null] as $b)
    @php($key = $b->id ?? 'new')
    <details class="plan-thing" id="on-plan-{{ $key }}" @if ($b === null && ($plan->buildings ?? []) === []) open @endif><summary>{{ $b === null ? 'Add a building' : $b->name }}@if ($b) <small>{{ $b->kind->words() }}, {{ number_format($b->outline->area()) }} ft², {{ Underpin\Say::count(count($b->openings), 'opening') }}</small>@endif</summary>
    <form id="building-{{ $key }}" class="sheet-form" method="post" action="{{ route('jobs.place.building', $screen->row->id) }}" data-parts @if ($b) data-autosave @endif>
        @csrf @method('PUT')<input type="hidden" name="id" value="{{ $b->id ?? '' }}">
        @if ($b)<x-was :values="array_diff_key(Underpin\Job\Part\SitePlanPart::writeBuilding($b), ['id' => 0, 'openings' => 0])"/>@endif
        <div class="fields">
            <x-field :of="$f->field('name')" :id="'b-name-'.$key" :value="$b->name ?? (($plan->buildings ?? []) === [] ? 'House' : '')"/>
            <x-pick :of="$f->field('kind')" :id="'b-kind-'.$key" :value="$b?->kind->value ?? (($plan->buildings ?? []) === [] ? 'house' : 'other')"/>
            <x-pick :of="$f->field('burns')" :id="'b-burns-'.$key" :value="$b?->burns === null ? '' : (int) $b->burns"/>
        </div>
        <x-field :of="$f->field('corners')" :id="'b-corners-'.$key" :value="App\Screens\PlanText::points($b->corners ?? [])" hint="46 x 28 at 10,5: a rectangle. 40 left 28 left 40: lengths and turns, the first to the right. 0,0 46,0 46,28: corners."/>
        <button type="submit" class="button @if (! $b) is-primary @endif">{{ $b === null ? 'Add it' : 'Save' }}</button> @if ($b === null)<button class="button" type="button" data-draw="b-corners-new">Draw it on the plan</button>@endif
    </form>
    @if ($b)
        @foreach ([...$b->openings, null] as $opening)
            @php($okey = $opening->id ?? "new-$key")
            <form id="opening-{{ $okey }}" class="sheet-form opening" tabindex="-1" method="post" action="{{ route('jobs.place.opening', $screen->row->id) }}" data-parts @if ($opening) data-autosave @endif>
                @csrf @method('PUT')<input type="hidden" name="id" value="{{ $opening->id ?? '' }}"><input type="hidden" name="building" value="{{ $b->id }}">
                @if ($opening)<x-was :values="array_diff_key(Underpin\Job\Part\SitePlanPart::writeOpening($opening), ['id' => 0])"/>@endif
                <div class="fields">
                    <x-pick :of="$o->field('kind')" :id="'o-kind-'.$okey" :value="$opening?->kind->value ?? 'window'"/>
                    <x-field :of="$o->field('wall')" :id="'o-wall-'.$okey" :value="$opening->wall ?? 1"/>
                    <x-field :of="$o->field('from_ft')" :id="'o-from-'.$okey" :value="Underpin\Csv\Number::write($opening?->fromFt)"/>
                    <x-field :of="$o->field('width_ft')" :id="'o-width-'.$okey" :value="Underpin\Csv\Number::write($opening->widthFt ?? 3.0)"/>
                    <x-field :of="$o->field('name')" :id="'o-name-'.$okey" :value="$opening->name ?? ''"/>
                </div>
                <button type="submit" class="button">{{ $opening === null ? 'Add the opening' : 'Save' }}</button>
                @if ($opening)<button type="submit" class="button is-quiet" form="remove-{{ $opening->id }}">Remove {{ $opening->title() }}</button>@endif
            </form>
            @if ($opening)<form id="remove-{{ $opening->id }}" method="post" action="{{ route('jobs.place.opening.destroy', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $opening->id }}"></form>@endif
        @endforeach
        <form id="remove-{{ $b->id }}" method="post" action="{{ route('jobs.place.building.destroy', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $b->id }}"><button type="submit" class="button is-quiet">Remove {{ $b->name }}</button></form>
    @endif
    </details>
@endforeach
</section>
@php($a = (new App\Http\Requests\Place\AroundRequest)->form())
<section class="sheet" id="around"><h2>The lot</h2>
<form id="around-form" class="sheet-form" method="post" action="{{ route('jobs.place.around', $screen->row->id) }}" data-parts data-autosave>
    @csrf @method('PUT')<x-was :values="Underpin\Job\Part\SitePlanPart::writeAround($plan)"/>
    <x-field :of="$a->field('property')" id="plan-property" :value="App\Screens\PlanText::points($plan->property)" hint="As an outline: 120 x 90 at -20,-30. Empty: not noted, and not judged."/>
    <div class="fields">
        <x-field :of="$a->field('north_deg')" id="plan-north" :value="Underpin\Csv\Number::write($plan->northDeg)"/>
        <x-pick :of="$a->field('snow_side')" id="plan-snow" :value="$plan->snowSide?->value"/>
        <x-pick :of="$a->field('fall_side')" id="plan-fall" :value="$plan->fallSide?->value"/>
        <x-field :of="$a->field('fall_pct')" id="plan-fall-pct" :value="Underpin\Csv\Number::write($plan->fallPct)"/>
    </div>
    <x-field :of="$a->field('flood')" id="plan-flood" :value="App\Screens\PlanText::points($plan->flood)" hint="What lies under water in a flood, as an outline: 80 x 20 at -20,-30."/>
    <div class="fields"><x-field :of="$a->field('flood_in')" id="plan-flood-in" :value="Underpin\Csv\Number::write($plan->floodIn)"/></div>
    <button type="submit" class="button">Save</button>
</form></section>

@php($f = (new App\Http\Requests\Place\ItemRequest)->form())
<section class="sheet" id="things"><h2>What else stands there <small>gas, service, tanks, other equipment, fences</small></h2>
@foreach ([...$plan->items ?? [], null] as $item)
    @php($key = $item->id ?? 'new-item')
    <details class="plan-thing" id="on-plan-{{ $key }}"><summary>{{ $item === null ? 'Add something' : ucfirst($item->title()) }}@if ($item) <small>{{ Underpin\Say::figure($item->x) }}, {{ Underpin\Say::figure($item->y) }} ft</small>@endif</summary>
    <form id="item-{{ $key }}" class="sheet-form" method="post" action="{{ route('jobs.place.item', $screen->row->id) }}" data-parts @if ($item) data-autosave @endif>
        @csrf @method('PUT')<input type="hidden" name="id" value="{{ $item->id ?? '' }}">
        @if ($item)<x-was :values="array_diff_key(Underpin\Job\Part\SitePlanPart::writeItem($item), ['id' => 0])"/>@endif
        <div class="fields">
            <x-pick :of="$f->field('kind')" :id="'i-kind-'.$key" :value="$item?->kind->value ?? 'gas_meter'"/>
            @foreach (['x' => $item?->x, 'y' => $item?->y, 'w' => $item->w ?? 1.0, 'd' => $item->d ?? 1.0] as $name => $value)<x-field :of="$f->field($name)" :id="'i-'.$name.'-'.$key" :value="Underpin\Csv\Number::write($value)"/>@endforeach
            <x-field :of="$f->field('name')" :id="'i-name-'.$key" :value="$item->name ?? ''"/>
            @if ($item?->kind === Underpin\Job\Plan\PlanItemKind::Inlet)<x-field :of="$f->field('height_in')" :id="'i-height-'.$key" :value="Underpin\Csv\Number::write($item->heightIn)"/>@else<input type="hidden" name="height_in" value="{{ Underpin\Csv\Number::write($item?->heightIn) }}">@endif
        </div>
        <button type="submit" class="button">{{ $item === null ? 'Add it' : 'Save' }}</button>
    </form>
    @if ($item)<form id="remove-{{ $item->id }}" method="post" action="{{ route('jobs.place.item.destroy', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $item->id }}"><button type="submit" class="button is-quiet">Remove {{ $item->title() }}</button></form>@endif
    </details>
@endforeach
@if ($plan->items === null)<form id="nothing-else" method="post" action="{{ route('jobs.place.none', $screen->row->id) }}" data-parts>@csrf @method('PUT')<button type="submit" class="button">I looked: nothing else stands there</button></form>@endif
</section>
@php($w = (new App\Http\Requests\Place\WayRequest)->form())
<x-may deed="decide" :of="$screen->row">
<section class="sheet" id="ways"><h2>Cord, trench, gas pipe <small>where each begins, turns and ends</small></h2>
@foreach (Underpin\Job\Plan\RouteKind::cases() as $kind)
    @php($route = $plan->route($kind))
    <form id="way-{{ $kind->value }}" class="sheet-form" method="post" action="{{ route('jobs.place.way', $screen->row->id) }}" data-parts data-autosave>
        @csrf @method('PUT')<input type="hidden" name="kind" value="{{ $kind->value }}"><x-was :values="['points' => $route ? Underpin\Job\Part\SitePlanPart::pairs($route->points) : null]"/>
        <x-field :of="$w->field('points')" :id="'way-points-'.$kind->value" :label="ucfirst($kind->words())" :value="App\Screens\PlanText::points($route->points ?? [])" :hint="$route ? Underpin\Say::figure($route->ft()).' ft along the plan.'.App\Screens\PlanText::typed($kind, $screen->job) : 'Places, each as feet to the right and feet up: 50,-20 47,0 46,3.'"/>
        <noscript><button type="submit" class="button">Save</button></noscript>
    </form>
@endforeach
</section>
</x-may>

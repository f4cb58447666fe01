<x-layouts.page title="Machine"><x-topbar><a class="jobname" href="{{ route('catalogue') }}">← Catalogue</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>{{ $machine->name ?? 'A machine for the catalogue' }}</h1>
            @if ($machine)@can('stock', auth()->user()->shop)<a class="button" href="{{ route('machines.create', ['like' => $machine->key]) }}">Copy</a>
            <form method="post" action="{{ route('machines.retire', $machine->key) }}">@csrf @method('PUT')<input type="hidden" name="retired" value="{{ $machine->retired ? 0 : 1 }}"><button type="submit" class="button">{{ $machine->retired ? 'Take back into the catalogue' : 'Retire' }}</button></form>@endcan @endif
        </div>
        @if ($machine)
            @php($core = $machine->core())
            <ul class="plain-words">@foreach ($core->ratings as $rating)<li><b>{{ ucfirst($rating->fuel->value) }}:</b> {{ Underpin\Sizing\RatingWords::peak($core, $rating) }}</li>@endforeach</ul>
            @php($gaps = Underpin\Job\Machine\MachineGaps::of($core))
            @if ($gaps !== [])
                <details class="gaps" @if (count($gaps) < 6) open @endif><summary>{{ Underpin\Say::count(count($gaps), 'thing is', 'things are') }} not known of it</summary>
                    <dl class="keeps">@foreach ($gaps as $what => $keeps)<div><dt>{{ ucfirst($what) }}</dt><dd>{{ $keeps }}</dd></div>@endforeach</dl></details>
            @endif
        @endif
        <x-may deed="stock" :of="auth()->user()->shop">
        @php($f = (new App\Http\Requests\Shop\MachineRequest)->form())
        @php($show = fn (Underpin\Form\Field $field) => $shown[$field->name] ?? ($field->name === 'outlet' ? 'L14-30R' : null))
        @php($text = fn (mixed $value) => is_float($value) || is_int($value) ? Underpin\Csv\Number::write($value) : (string) $value)
        <form id="machine-form" class="sheet-form" method="post" action="{{ $machine ? route('machines.update', $machine->key) : route('machines.store') }}">
            @csrf
            @if ($machine) @method('PUT') <x-was :values="$shown"/> @endif
            <h2>To begin <small>name, form, outlet and the running watts on one fuel are enough; what is left open is said, and not taken for fine</small></h2>
            <div class="fields">
                <x-field :of="$f->field('name')" id="m-name" :value="$show($f->field('name'))"/>
                <x-pick :of="$f->field('form')" id="m-form" :value="$show($f->field('form'))"/>
                <x-pick :of="$f->field('outlet')" id="m-outlet" :value="$show($f->field('outlet'))"/>
                <x-field :of="$f->field('outlet_a')" id="m-breaker" :value="$text($show($f->field('outlet_a')))" hint="only at terminals of its own"/>
            </div>
            <h2>What it gives <small>running watts are what it carries for hours; the advertised peak is there for seconds. Leave open what it does not burn.</small></h2>
            <section class="scroll" tabindex="0" aria-label="What it gives and burns"><table class="table is-form">
                <thead><tr><th scope="col">On</th><th scope="col">Running <small>W</small></th><th scope="col">Advertised peak <small>W</small></th><th scope="col">Burns idle <small>an hour</small></th><th scope="col">half load</th><th scope="col">full load</th></tr></thead>
                <tbody>@foreach (Underpin\Job\Fuel::cases() as $fuel)
                    <tr><th scope="row">{{ ucfirst($fuel->value) }}<span class="under">{{ match ($fuel) { Underpin\Job\Fuel::NaturalGas => 'ft³', Underpin\Job\Fuel::Stored => 'battery stations', default => 'gal' } }}</span></th>
                    @foreach (Underpin\Job\Part\MachineLine::ofFuel($fuel) as $field)
                        <td><input class="input num" name="{{ $field->name }}" id="m-{{ $field->name }}" value="{{ old($field->name, $text($show($field))) }}" inputmode="decimal" autocomplete="off" aria-label="{{ $field->label }}" @error($field->name) aria-invalid="true" @enderror><p class="error" data-error="{{ $field->name }}">@error($field->name){{ $message }}@enderror</p></td>
                    @endforeach</tr>
                @endforeach</tbody>
            </table></section>
            <h2>Electrical</h2>
            <div class="fields">
                <x-pick :of="$f->field('volts')" id="m-volts" :value="$show($f->field('volts'))" :options="['' => 'by the outlet'] + $f->field('volts')->options()"/>
                @foreach (['neutral', 'gfci', 'plate_listed', 'plate_own_breaker', 'plate_idle_mode'] as $name)
                    @php($value = $show($f->field($name)))
                    <x-pick :of="$f->field($name)" :id="'m-'.$name" :value="is_bool($value) ? (int) $value : $value" :options="['' => 'not known'] + $f->field($name)->options()"/>
                @endforeach
                @foreach (['plate_nameplate_a', 'plate_kva', 'plate_reactance_pu'] as $name)<x-field :of="$f->field($name)" :id="'m-'.$name" :value="$text($show($f->field($name)))"/>@endforeach
            </div>
            <details @if (count(array_filter($shown, fn ($v, $k) => $v !== null && str_starts_with($k, 'outlets_'), ARRAY_FILTER_USE_BOTH)) > 0) open @endif><summary>More outlets</summary><div class="fields">
                @foreach (Underpin\Job\Outlet::plugged() as $outlet) @php($field = $f->field(Underpin\Job\Part\MachineLine::outletField($outlet)))<x-field :of="$field" :id="'m-'.$field->name" :value="$text($show($field))"/>@endforeach
            </div></details>
            @foreach (['losses' => 'Height and heat, by its manual', 'stored' => 'Battery station', 'housing' => 'Where it stands: tank, noise, weight, size, clearances', 'service' => 'Hours between services, by its manual'] as $group => $title)
                <details @if (array_filter($shown, fn ($v, $k) => $v !== null && $k !== 'housing_noise_ft' && str_starts_with($k, $group.'_'), ARRAY_FILTER_USE_BOTH) !== []) open @endif><summary>{{ $title }}</summary><div class="fields">
                    @foreach (Underpin\Job\Part\MachineGroups::forms()[$group]->fields() as $inner)
                        @php($field = $f->field($group.'_'.$inner->name))
                        @if ($field->options() === null)<x-field :of="$field" :id="'m-'.$field->name" :value="$text($show($field))"/>@else<x-pick :of="$field" :id="'m-'.$field->name" :value="is_bool($show($field)) ? (int) $show($field) : ''" :options="['' => 'not known'] + $field->options()"/>@endif
                    @endforeach
                </div></details>
            @endforeach
            <div class="fields gap">
                <x-field :of="$f->field('price_usd')" id="m-price" :value="$text($show($f->field('price_usd')))"/>
                <x-field :of="$f->field('lead_weeks')" id="m-lead" :value="$text($show($f->field('lead_weeks')))"/>
            </div>
            <button type="submit" class="button is-primary">Save</button>
        </form>
        <x-shop-history :events="$events"/>
        </x-may>
    </main>
</x-layouts.page>

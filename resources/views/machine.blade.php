<x-layouts.page title="Machine"><x-topbar><a class="jobname" href="{{ route('catalogue') }}">← Catalogue</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>{{ $machine->name ?? 'A machine for the catalogue' }}</h1></div>
        <x-may deed="stock" :of="auth()->user()->shop">
        @php($f = (new App\Http\Requests\Shop\MachineRequest)->form())
        <form id="machine-form" class="sheet-form" method="post" action="{{ $machine ? route('machines.update', $machine->key) : route('machines.store') }}">
            @csrf
            @if ($machine) @method('PUT') <x-was :values="$shown"/> @endif
            <div class="fields">
                <x-field :of="$f->field('name')" id="m-name" :value="$shown['name'] ?? ''"/>
                <x-pick :of="$f->field('form')" id="m-form" :value="$shown['form'] ?? ''"/>
                <x-pick :of="$f->field('volts')" id="m-volts" :value="$shown['volts'] ?? 240"/>
            </div>
            <div class="fields">
                <x-pick :of="$f->field('outlet')" id="m-outlet" :value="$shown['outlet'] ?? 'L14-30R'"/>
                <x-field :of="$f->field('outlet_a')" id="m-breaker" :value="$shown['outlet_a'] ?? 30"/>
                <x-pick :of="$f->field('neutral')" id="m-neutral" :value="$shown['neutral'] ?? ''"/>
                <x-pick :of="$f->field('gfci')" id="m-gfci" :value="(int) ($shown['gfci'] ?? 0)"/>
                <x-field :of="$f->field('price_usd')" id="m-price" :value="$shown['price_usd'] ?? ''"/>
            </div>
            <h2>What it gives <small>running watts are what it carries for hours; the advertised peak is there for seconds. Leave open what it does not burn.</small></h2>
            @foreach (Underpin\Job\Fuel::cases() as $fuel)
                <div class="fields">
                    @foreach (['run_w', 'peak_w'] as $moment)
                        @php($name = App\Http\Requests\Shop\MachineRequest::name($moment, $fuel))
                        <x-field :of="$f->field($name)" :id="'m-'.$name" :value="Underpin\Csv\Number::write($shown[$name])"/>
                    @endforeach
                </div>
            @endforeach
            <button class="button is-primary">Save</button>
        </form>
        <x-shop-history :events="$events"/>
        </x-may>
    </main>
</x-layouts.page>

<x-layouts.page title="Typical load"><x-topbar><a class="jobname" href="{{ route('catalogue') }}">← Catalogue</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>{{ $load->exists ? $load->name : 'A load of our own' }}</h1></div>
        <x-may deed="stock" :of="auth()->user()->shop">
        @php($f = (new App\Http\Requests\Shop\LibraryLoadRequest)->form())
        <form id="library-load-form" class="sheet-form" method="post" action="{{ $load->exists ? route('library.update', $load->id) : route('library.store') }}">
            @csrf
            @if ($load->exists) @method('PUT') @endif
            @if ($load->exists)<x-was :values="$load->only(['name', 'kind', 'role', 'words', 'volts', 'pf', 'run_low_w', 'run_usual_w', 'run_high_w', 'start_low_w', 'start_usual_w', 'start_high_w'])"/>@endif
            <div class="fields">
                <x-field :of="$f->field('name')" id="ll-name" :value="$load->name"/>
                <x-kind-pick id="ll-kind" :value="$load->kind"/>
                <x-pick :of="$f->field('role')" id="ll-role" :value="$load->role"/>
                <x-pick :of="$f->field('volts')" id="ll-volts" :value="$load->volts"/>
                <x-field :of="$f->field('pf')" id="ll-pf" :value="Underpin\Csv\Number::write($load->pf)" inputmode="decimal"/>
            </div>
            <x-field :of="$f->field('words')" id="ll-words" :value="$load->words" hint="What people write on a door for it, parted by commas."/>
            @foreach (['run' => 'Runs', 'start' => 'Starts'] as $moment => $words)
                <div class="fields">
                    @foreach (['low', 'usual', 'high'] as $grade)
                        <x-field :id="'ll-'.$moment.'-'.$grade" :name="$moment.'_'.$grade.'_w'" :label="$words.', '.$grade" unit="W" :value="$load->exists ? Underpin\Csv\Number::write($load->{$moment.'_'.$grade.'_w'}) : ''"/>
                    @endforeach
                </div>
            @endforeach
            <button type="submit" class="button is-primary">Save</button>
        </form>
        <x-shop-history :events="$events"/>
        </x-may>
    </main>
</x-layouts.page>

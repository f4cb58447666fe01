<x-layouts.page title="Local rules"><x-topbar><a class="jobname" href="{{ route('rules.index') }}">← Local rules</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>{{ $rules->authority ?: 'Another authority' }}</h1></div>
        <x-may deed="stock" :of="auth()->user()->shop">
        <form id="rules-form" class="sheet-form" method="post" action="{{ $key === null ? route('rules.store') : route('rules.update', $key) }}">
            @csrf
            @if ($key !== null) @method('PUT') @endif
            @if ($key !== null)<x-was :values="App\Http\RulesInput::fields($rules)"/>@endif
            <x-rules-fields :rules="$rules" prefix="rules"/>
            <button type="submit" class="button is-primary">Save</button>
        </form>
        <x-shop-history :events="$events"/>
        </x-may>
    </main>
</x-layouts.page>

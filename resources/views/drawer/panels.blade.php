@foreach ($screen->job->panels as $panel)
    @php($was = ['name' => $panel->name, 'kind' => $panel->kind->value, 'spaces' => $panel->spaces, 'main_a' => $panel->mainA, 'interlock_listed' => $panel->interlockListed, 'interlock_space' => $panel->interlockSpace, 'has_multiwire' => $panel->hasMultiwire])
    @php($p = 'p'.$loop->index)
    <form id="panel-{{ $panel->id }}" method="post" action="{{ route('jobs.panels.update', [$screen->row->id, $panel->id]) }}" data-parts data-autosave>
        @csrf @method('PATCH')
        <h2>{{ $panel->name }}</h2>
        <x-was :values="$was"/>
        <x-field :id="$p.'-name'" name="name" label="Name on its door" :value="$panel->name" maxlength="100"/>
        <div class="fields">
            <x-pick :id="$p.'-kind'" name="kind" label="Kind" :options="['main' => 'main panel', 'sub' => 'sub-panel']" :value="$panel->kind->value"/>
            <x-field :id="$p.'-spaces'" name="spaces" label="Spaces" :value="$panel->spaces" inputmode="numeric"/>
            <x-field :id="$p.'-main'" name="main_a" label="Main breaker" unit="A" :value="$panel->mainA"/>
        </div>
        <x-pick :id="$p.'-listed'" name="interlock_listed" label="Interlock listed for this very panel" :options="['' => 'not looked up', 1 => 'yes', 0 => 'no']" :value="$panel->interlockListed === null ? '' : (int) $panel->interlockListed"/>
        <div class="fields">
            <x-pick :id="$p.'-beside'" name="interlock_space" label="Beside the main" :options="[1 => 'spaces 1–3', 2 => 'spaces 2–4']" :value="$panel->interlockSpace"/>
            <x-pick :id="$p.'-mwbc'" name="has_multiwire" label="Multiwire circuits" :options="['' => 'not looked', 1 => 'yes', 0 => 'no']" :value="$panel->hasMultiwire === null ? '' : (int) $panel->hasMultiwire"/>
        </div>
        <button class="button is-primary">Save</button>
    </form>
    @if (count($screen->job->panels) > 1)
        <form method="post" action="{{ route('jobs.panels.destroy', [$screen->row->id, $panel->id]) }}" data-parts class="aside-form">@csrf @method('DELETE')<button class="button is-quiet">Remove {{ $panel->name }}</button></form>
    @endif
@endforeach
<details class="by-hand">
    <summary>Add a panel</summary>
    <form id="new-panel" method="post" action="{{ route('jobs.panels.store', $screen->row->id) }}" data-parts>
        @csrf
        <div class="fields">
            <x-field id="np-name" name="name" label="Name" maxlength="100"/>
            <x-field id="np-spaces" name="spaces" label="Spaces" value="20" inputmode="numeric"/>
        </div>
        <button class="button">Add the panel</button>
    </form>
</details>

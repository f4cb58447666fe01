@foreach ($screen->job->service->panels as $panel)
    @php($was = ['name' => $panel->name, 'kind' => $panel->kind->value, 'spaces' => $panel->spaces, 'main_a' => $panel->mainAmps, 'interlock_listed' => $panel->interlockListed, 'interlock_space' => $panel->interlockSpace, 'has_multiwire' => $panel->hasMultiwire, 'fed_from' => $panel->fedFrom, 'feeder_a' => $panel->feederAmps, 'feeder_circuit' => $panel->feederCircuit, 'bonded' => $panel->bonded, 'tandem_spaces' => $panel->tandemSpaces?->words() ?? ''])
    @php($sources = ['' => 'the service'] + array_combine(array_map(fn ($d) => $d->id, $screen->job->service->disconnects), array_map(fn ($d) => $d->name, $screen->job->service->disconnects)))
    @foreach ($screen->job->service->panels as $other)
        @if ($other !== $panel)@php($sources[$other->id] = $other->name)@endif
    @endforeach
    @php($feeders = ['' => 'not one of its circuits'])
    @foreach ($screen->job->service->panels as $other)
        @foreach ($other->id === $panel->fedFrom ? $other->circuits : [] as $circuit)
            @if ($circuit->position->poles === 2)@php($feeders[$circuit->id] = $circuit->title().', '.$circuit->breakerAmps.' A')@endif
        @endforeach
    @endforeach
    @php($p = 'p'.$loop->index)
    <form id="panel-{{ $panel->id }}" method="post" action="{{ route('jobs.panels.update', [$screen->row->id, $panel->id]) }}" data-parts data-autosave>
        @csrf @method('PATCH')
        <h2>{{ $panel->name }}</h2>
        <x-was :values="$was"/>
        <x-field :id="$p.'-name'" name="name" label="Name on its door" :value="$panel->name" maxlength="100"/>
        <div class="fields">
            <x-pick :id="$p.'-kind'" name="kind" label="Kind" :options="['main' => 'main panel', 'sub' => 'sub-panel']" :value="$panel->kind->value"/>
            <x-field :id="$p.'-spaces'" name="spaces" label="Spaces" :value="$panel->spaces" inputmode="numeric"/>
            <x-field :id="$p.'-main'" name="main_a" label="Main breaker" unit="A" :value="$panel->mainAmps"/>
        </div>
        <div class="fields">
            <x-pick :id="$p.'-fed'" name="fed_from" label="Fed from" :options="$sources" :value="$panel->fedFrom"/>
            @if (count($feeders) === 1)
                @if ($panel->fedFrom !== '' && $screen->job->service->disconnect($panel->fedFrom) === null)<x-field :id="$p.'-feeder'" name="feeder_a" label="Feeder's breaker" unit="A" :value="$panel->feederAmps"/>@else<input type="hidden" name="feeder_a" value="{{ $panel->feederAmps }}">@endif
                <input type="hidden" name="feeder_circuit" value="{{ $panel->feederCircuit }}">
            @endif
        </div>
        @if (count($feeders) > 1)
            <div class="fields">
                <x-pick :id="$p.'-breaker'" name="feeder_circuit" label="Feeder's breaker" :options="$feeders" :value="$panel->feederCircuit"/>
                <x-field :id="$p.'-feeder'" name="feeder_a" label="or its rating" unit="A" :value="$panel->feederAmps"/>
            </div>
        @endif
        <div class="fields">
            <x-pick :id="$p.'-bond'" name="bonded" label="Neutral bonded in it" :options="['' => 'not looked', 1 => 'yes', 0 => 'no']" :value="$panel->bonded === null ? '' : (int) $panel->bonded"/>
            <x-field :id="$p.'-tandem'" name="tandem_spaces" label="Tandems allowed in" :value="$panel->tandemSpaces?->words() ?? ''" maxlength="200" placeholder="17-24, 30 or none"/>
        </div>
        <x-pick :id="$p.'-listed'" name="interlock_listed" label="Interlock listed for this very panel" :options="['' => 'not looked up', 1 => 'yes', 0 => 'no']" :value="$panel->interlockListed === null ? '' : (int) $panel->interlockListed"/>
        <div class="fields">
            <x-pick :id="$p.'-beside'" name="interlock_space" label="Beside the main" :options="[1 => 'spaces 1–3', 2 => 'spaces 2–4']" :value="$panel->interlockSpace"/>
            <x-pick :id="$p.'-mwbc'" name="has_multiwire" label="Multiwire circuits" :options="['' => 'not looked', 1 => 'yes', 0 => 'no']" :value="$panel->hasMultiwire === null ? '' : (int) $panel->hasMultiwire"/>
        </div>
        <button class="button is-primary">Save</button>
    </form>
    @include('parts.photos', ['shelf' => App\Screens\PhotoShelf::of($screen->row, App\Photos\PhotoOf::Panel, $panel->id)])
    @if (count($screen->job->service->panels) > 1)
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

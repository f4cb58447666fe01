@php($buildings = new Underpin\Service\Buildings($screen->job->service->panels))
@foreach ($screen->job->service->panels as $panel)
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
    @php($f = (new App\Http\Requests\Survey\PanelRequest)->form())
    <form id="panel-{{ $panel->id }}" method="post" action="{{ route('jobs.panels.update', [$screen->row->id, $panel->id]) }}" data-parts data-autosave>
        @csrf @method('PATCH')
        <h2>{{ $panel->name }}</h2>
        <x-was :of="$f" :values="Underpin\Job\Part\PanelPart::write($panel)"/>
        <x-field :of="$f->field('name')" :id="$p.'-name'" :value="$panel->name"/>
        <div class="fields">
            <x-pick :of="$f->field('kind')" :id="$p.'-kind'" :value="$panel->kind->value"/>
            <x-field :of="$f->field('spaces')" :id="$p.'-spaces'" :value="$panel->spaces" inputmode="numeric"/>
        </div>
        <div class="fields">
            <x-field :of="$f->field('main_a')" :id="$p.'-main'" :value="$panel->mainAmps"/>
            <x-field :of="$f->field('bus_a')" :id="$p.'-bus'" :value="$panel->busAmps"/>
            @if ($panel->mainAmps === null)<x-pick :of="$f->field('main_lugs')" :id="$p.'-lugs'" :value="$panel->mainLugs === null ? '' : (int) $panel->mainLugs"/>@else<input type="hidden" name="main_lugs" value="{{ $panel->mainLugs === null ? '' : (int) $panel->mainLugs }}">@endif
        </div>
        <div class="fields">
            <x-pick :of="$f->field('fed_from')" :id="$p.'-fed'" :options="$sources" :value="$panel->fedFrom"/>
            @if (count($feeders) === 1)
                @if ($panel->fedFrom !== '' && $screen->job->service->disconnect($panel->fedFrom) === null)<x-field :of="$f->field('feeder_a')" :id="$p.'-feeder'" :value="$panel->feederAmps"/>@else<input type="hidden" name="feeder_a" value="{{ $panel->feederAmps }}">@endif
                <input type="hidden" name="feeder_circuit" value="{{ $panel->feederCircuit }}">
            @endif
        </div>
        @if (count($feeders) > 1)
            <div class="fields">
                <x-pick :of="$f->field('feeder_circuit')" :id="$p.'-breaker'" :options="$feeders" :value="$panel->feederCircuit"/>
                <x-field :of="$f->field('feeder_a')" :id="$p.'-feeder'" :value="$panel->feederAmps"/>
            </div>
        @endif
        <div class="fields">
            <x-pick :of="$f->field('bonded')" :id="$p.'-bond'" :value="$panel->bonded === null ? '' : (int) $panel->bonded"/>
            <x-field :of="$f->field('tandem_spaces')" :id="$p.'-tandem'" :value="$panel->tandemSpaces?->words() ?? ''" placeholder="17-24, 30 or none"/>
        </div>
        @php($isFed = $panel->fedFrom !== '' || $panel->kind === Underpin\Job\PanelKind::Sub || $screen->job->service->disconnects !== [])
        @if ($isFed || $buildings->asks($panel))
            <div class="fields">
                @if ($isFed)<x-pick :of="$f->field('feeder_ground')" :id="$p.'-ground'" :value="$panel->feederGround?->value ?? ''"/>@else<input type="hidden" name="feeder_ground" value="{{ $panel->feederGround?->value }}">@endif
                <x-pick :of="$f->field('other_building')" :id="$p.'-building'" :value="$panel->otherBuilding === null ? '' : (int) $panel->otherBuilding"/>
            </div>
        @else
            <input type="hidden" name="feeder_ground" value="{{ $panel->feederGround?->value }}"><input type="hidden" name="other_building" value="{{ $panel->otherBuilding === null ? '' : (int) $panel->otherBuilding }}">
        @endif
        @if ($panel->hasMain() === false)
            <input type="hidden" name="interlock_listed" value="{{ $panel->interlockListed === null ? '' : (int) $panel->interlockListed }}"><input type="hidden" name="interlock_space" value="{{ $panel->interlockSpace }}">
        @else
        <x-pick :of="$f->field('interlock_listed')" :id="$p.'-listed'" :value="$panel->interlockListed === null ? '' : (int) $panel->interlockListed"/>
        <x-pick :of="$f->field('interlock_space')" :id="$p.'-beside'" :value="$panel->interlockSpace"/>
        @endif
        <div class="fields">
            <x-pick :of="$f->field('has_multiwire')" :id="$p.'-mwbc'" :value="$panel->hasMultiwire === null ? '' : (int) $panel->hasMultiwire"/>
        </div>
        <button type="submit" class="button is-primary">Save</button>
    </form>
    @include('parts.photos', ['shelf' => App\Screens\PhotoShelf::of($screen->row, App\Photos\PhotoOf::Panel, $panel->id)])
    @if (count($screen->job->service->panels) > 1)
        <form method="post" action="{{ route('jobs.panels.destroy', [$screen->row->id, $panel->id]) }}" data-parts class="aside-form">@csrf @method('DELETE')<button type="submit" class="button is-quiet">Remove {{ $panel->name }}</button></form>
    @endif
@endforeach
<details class="by-hand">
    <summary>Add a panel</summary>
    @php($f = (new App\Http\Requests\Survey\NewPanelRequest)->form())
    <form id="new-panel" method="post" action="{{ route('jobs.panels.store', $screen->row->id) }}" data-parts>
        @csrf
        <div class="fields">
            <x-field :of="$f->field('name')" id="np-name"/>
            <x-field :of="$f->field('spaces')" id="np-spaces" value="20" inputmode="numeric"/>
        </div>
        <button type="submit" class="button">Add the panel</button>
    </form>
</details>

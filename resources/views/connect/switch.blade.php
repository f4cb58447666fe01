@php($f = (new App\Http\Requests\Connect\SwitchRequest)->form())
<form id="switch-kind" method="post" action="{{ route('jobs.switch', $screen->row->id) }}" data-parts data-autosave>
    @csrf @method('PUT')
    <x-was :values="['switch_kind' => $screen->job->connection->switchKind?->value]"/>
    <x-pick :of="$f->field('switch_kind')" id="sw-kind" :value="$screen->job->connection->switchKind?->value ?? ''"/>
    <noscript><button class="button">Save</button></noscript>
</form>
@if ($verdict->switchPositions !== null && $verdict->powers !== [])
    @php($layout = $verdict->way->layout($screen->design()->situation()))
    @php($p = (new App\Http\Requests\Connect\SwitchPlaceRequest)->form())
    @php($onSwitch = $verdict->powers)
    @php(usort($onSwitch, fn ($x, $y) => $layout->placeOf($x) <=> $layout->placeOf($y)))
    <div class="scroll" tabindex="0" role="region" aria-label="Places on the switch"><table class="table places">
        <caption>Places on the switch, odd ones on leg A, even ones on leg B; its label comes first</caption>
        <thead><tr><th>Place</th><th>Leg</th><th>Circuit</th><th class="num">Runs</th><th>Given</th></tr></thead>
        <tbody>@foreach ($onSwitch as $circuit)
            @php($seen = $layout->onItsLeg($circuit))
            <tr><td class="space">{{ implode('–', $layout->placesOf($circuit)) }}</td><td>{{ $seen->leg()->value }}</td><th scope="row">{{ $circuit->name }} <small>panel {{ $circuit->label() }}</small></th><td class="num">{{ $circuit->figuresMissing() ? 'no figures' : number_format($circuit->runAmps(), 1).' A' }}</td>
                <td><form id="place-{{ $circuit->id }}" method="post" action="{{ route('jobs.switch.place', $screen->row->id) }}" data-parts data-autosave>
                    @csrf @method('PUT')<input type="hidden" name="circuit" value="{{ $circuit->id }}">
                    <x-was :values="['place' => $screen->job->connection->places[$circuit->id] ?? null]"/>
                    <x-pick :of="$p->field('place')" :id="'pl-'.$circuit->id" :options="['' => 'laid out'] + array_combine($at = range(1, $verdict->switchPositions, $circuit->position->poles), $at)" :value="$screen->job->connection->places[$circuit->id] ?? ''" aria-label="Place given to {{ $circuit->name }}"/>
                </form></td></tr>
        @endforeach</tbody>
    </table></div>
@endif

@php($f = (new App\Http\Requests\Connect\SwitchRequest)->form())
@php($layout = $verdict->way->layout($screen->design()->situation()))
@php($onSwitch = $verdict->powers)
@php(usort($onSwitch, fn ($x, $y) => $layout->placeOf($x) <=> $layout->placeOf($y)))
<section class="sheet" id="switch">
    <h2>The {{ $layout->words() }}{{ $verdict->switchPositions ? ', '.$verdict->switchPositions.' places' : '' }}</h2>
    @unless ($layout->isPanel)<form id="switch-kind" method="post" action="{{ route('jobs.switch', $screen->row->id) }}" data-parts data-autosave>
        @csrf @method('PUT')
        <x-was :values="['switch_kind' => $screen->job->connection->switchKind?->value]"/>
        <x-pick :of="$f->field('switch_kind')" id="sw-kind" :value="$screen->job->connection->switchKind?->value ?? ''"/>
        <noscript><button type="submit" class="button">Save</button></noscript>
    </form>@endunless
    @if (($layout->isPanel || $verdict->switchPositions !== null) && $onSwitch !== [])
        <section class="scroll" tabindex="0" aria-label="Places on the switch"><table class="table">
            <thead><tr><th scope="col">{{ $layout->isPanel ? 'New space' : 'Place' }}</th><th scope="col">Leg</th><th scope="col">Circuit</th>@unless ($layout->isPanel)<th scope="col">Where it sits</th>@endunless <th scope="col">{{ $layout->isPanel ? 'Old space' : 'In the panel' }}</th><th scope="col" class="num">Runs at</th></tr></thead>
            <tbody>@foreach ($onSwitch as $circuit)
                <tr><td class="num">{{ implode('–', $layout->placesOf($circuit)) }}</td><td>{{ $layout->onItsLeg($circuit)->leg()->value }}</td><th scope="row">{{ $circuit->name }}</th>
                    @unless ($layout->isPanel)<td><form id="place-{{ $circuit->id }}" method="post" action="{{ route('jobs.switch.place', $screen->row->id) }}" data-parts data-autosave>
                        @csrf @method('PUT')<input type="hidden" name="circuit" value="{{ $circuit->id }}">
                        <x-was :values="['place' => $screen->job->connection->places[$circuit->id] ?? null]"/>
                        <div class="select"><select id="pl-{{ $circuit->id }}" name="place" aria-label="Place on the switch of {{ $circuit->name }}">
                            <option value="">laid out</option>
                            @foreach (range(1, $verdict->switchPositions, $circuit->position->poles) as $place)<option value="{{ $place }}" @selected(($screen->job->connection->places[$circuit->id] ?? null) === $place)>{{ $place }}, as wired</option>@endforeach
                        </select></div>
                        <p class="error" data-error="place"></p><noscript><button type="submit" class="button">Save</button></noscript>
                    </form></td>@endunless<td>{{ $circuit->label() }}</td><td class="num">{{ $circuit->figuresMissing() ? 'no figures' : number_format($circuit->runAmps(), 1).' A' }}</td></tr>
            @endforeach</tbody>
        </table></section>
        <p class="quiet gap">Laid out so that the legs carry the same. {{ $layout->isPanel ? 'Spaces 1, 2, 5, 6 … hang on leg A, 3, 4, 7, 8 … on leg B; the label of the panel comes first.' : 'Odd places hang on leg A, even ones on leg B; the label of the switch comes first.' }} Leg A {{ number_format($screen->design()->fit()?->running->aAmps ?? 0, 1) }} A, leg B {{ number_format($screen->design()->fit()?->running->bAmps ?? 0, 1) }} A.</p>
    @endif
</section>

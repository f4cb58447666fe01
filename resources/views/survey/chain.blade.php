@php($chain = $screen->design()->distribution())
@php($service = $screen->job->service)
@php($drawing = (new Underpin\Drawing\Service\ServiceDrawing($chain))->drawing())
@php($bonds = $chain->bonds())
<details id="part-chain" class="sheet" open>
    <summary>From the utility to the panels <small>{{ $service->place === null ? 'not looked at' : 'switched off by '.$service->place->words() }}{{ $bonds === [] ? ', no bond noted' : ', neutral bonded in '.Underpin\Say::list(array_map(fn ($n) => $n->name, $bonds)) }}</small></summary>
    <figure class="chain" tabindex="0" role="group" aria-label="Drawing of the chain; the table below says the same">
        <x-drawing :drawing="$drawing" width="{{ $drawing->sheet->width }}" aria-hidden="true"/>
    </figure>
    <p class="legend"><span class="legend-item"><span class="key key-utility"></span> stays live: only the utility can switch it off</span> <span class="legend-item"><span class="key key-feeder"></span> stays live until its feeder is off</span></p>
    <x-drawing-files :screen="$screen" drawing="service"/>
    <details class="twin">
        <summary>The same as a table</summary>
        <section class="scroll" tabindex="0" aria-label="The chain as a table"><table class="table">
            <thead><tr><th scope="col">Box</th><th scope="col">Fed by</th><th scope="col">Switched off by</th><th scope="col">Bond</th><th scope="col">What stays live then</th></tr></thead>
            <tbody>@foreach ($chain->nodes as $node)
                <tr><th scope="row">{{ $node->name }}</th><td>{{ $node->parent === null ? 'utility' : $chain->node($node->parent)?->name }}{{ $node->feederAmps ? ', '.$node->feederAmps.' A' : '' }}</td><td>{{ $node->switch() }}</td><td>{{ match ($node->bonded) { true => 'bonded', false => 'no bond', null => $node->parent === null ? '' : 'not looked' } }}</td><td>{{ $node->stillLive }}</td></tr>
            @endforeach</tbody>
        </table></section>
    </details>
    <details class="by-hand" @if ($service->place === null || ($service->place !== Underpin\Job\DisconnectPlace::Panel && $service->disconnects === [])) open @endif>
    <summary>Where the service is switched off</summary>
    @php($f = (new App\Http\Requests\Survey\DisconnectPlaceRequest)->form())
    <form id="service-form" method="post" action="{{ route('jobs.service', $screen->row->id) }}" data-parts data-autosave>
        @csrf @method('PUT')
        <x-was :values="['place' => $service->place?->value]"/>
        <div class="fields">
            <x-pick :of="$f->field('place')" id="sv-place" :options="['' => 'not looked at'] + array_combine(array_column(Underpin\Job\DisconnectPlace::cases(), 'value'), array_map(fn ($p) => $p->words(), Underpin\Job\DisconnectPlace::cases()))" :value="$service->place?->value ?? ''"/>
        </div>
        <noscript><button type="submit" class="button">Save</button></noscript>
    </form>
    @if ($service->place !== null && $service->place !== Underpin\Job\DisconnectPlace::Panel)
        @foreach ($service->disconnects as $disconnect)
            @php($d = 'd'.$loop->index)
            @php($f = (new App\Http\Requests\Survey\DisconnectRequest)->form())
            <form id="disconnect-{{ $disconnect->id }}" class="row-form" method="post" action="{{ route('jobs.disconnects.update', [$screen->row->id, $disconnect->id]) }}" data-parts data-autosave>
                @csrf @method('PATCH')
                <x-was :of="$f" :values="Underpin\Job\Part\ServicePart::writeDisconnect($disconnect)"/>
                <div class="fields">
                    <x-field :of="$f->field('name')" :id="$d.'-name'" :value="$disconnect->name"/>
                    <x-field :of="$f->field('amps')" :id="$d.'-amps'" :value="$disconnect->amps"/>
                    <x-pick :of="$f->field('marking')" :id="$d.'-marking'" :value="$disconnect->marking?->value ?? ''"/>
                    <x-pick :of="$f->field('bonded')" :id="$d.'-bond'" :value="$disconnect->bonded === null ? '' : (int) $disconnect->bonded"/>
                    <div class="pair"><noscript><button type="submit" class="button">Save</button></noscript><button type="submit" class="button is-quiet" form="drop-{{ $disconnect->id }}">Remove {{ $disconnect->name }}</button></div>
                </div>
            </form>
            <form id="drop-{{ $disconnect->id }}" method="post" action="{{ route('jobs.disconnects.destroy', [$screen->row->id, $disconnect->id]) }}" data-parts>@csrf @method('DELETE')</form>
        @endforeach
        @if (count($service->disconnects) < ($service->place === Underpin\Job\DisconnectPlace::Meter ? 1 : Underpin\Job\Service::MOST_DISCONNECTS))
            @php($f = (new App\Http\Requests\Survey\DisconnectRequest)->form())
            <form id="new-disconnect" class="row-form" method="post" action="{{ route('jobs.disconnects.store', $screen->row->id) }}" data-parts>
                @csrf
                <div class="fields">
                    <x-field :of="$f->field('name')" id="nd-name" :value="count($service->disconnects) === 0 && $service->place === Underpin\Job\DisconnectPlace::Meter ? 'Meter disconnect' : ''"/>
                    <x-field :of="$f->field('amps')" id="nd-amps" :value="$screen->job->service->amps ?? ''"/>
                    <input type="hidden" name="bonded" value=""><input type="hidden" name="marking" value="">
                    <div class="pair"><button type="submit" class="button">Add the disconnect</button></div>
                </div>
            </form>
        @endif
    @endif
    </details>
    @php($other = $service->otherSource)
    <details class="by-hand" @if ($other === null || ($other->isThere() && ($other->run === null || $other->disconnect === ''))) open @endif>
        <summary>Solar or a battery <small>{{ $other === null ? 'not looked' : $other->kind->words() }}</small></summary>
        @php($f = (new App\Http\Requests\Survey\OtherSourceRequest)->form())
        <form id="other-source" method="post" action="{{ route('jobs.other-source', $screen->row->id) }}" data-parts data-autosave>
            @csrf @method('PUT')
            <x-was :values="Underpin\Job\Part\ServicePart::writeOtherSource($other) ?? ['kind' => null, 'at' => '', 'disconnect' => '', 'run' => null]"/>
            <div class="fields">
                <x-pick :of="$f->field('kind')" id="os-kind" :value="$other?->kind->value ?? ''"/>
                @if ($other?->isThere())
                    <x-pick :of="$f->field('at')" id="os-at" :options="['' => 'not looked'] + array_combine(array_map(fn ($p) => $p->id, $service->panels), array_map(fn ($p) => $p->name, $service->panels))" :value="$other->at"/>
                    <x-field :of="$f->field('disconnect')" id="os-disconnect" :value="$other->disconnect" hint="as it is marked"/>
                    <x-pick :of="$f->field('run')" id="os-run" :value="$other->run?->value ?? ''"/>
                @else
                    <input type="hidden" name="at" value="{{ $other?->at }}"><input type="hidden" name="disconnect" value="{{ $other?->disconnect }}"><input type="hidden" name="run" value="{{ $other?->run?->value }}">
                @endif
            </div>
            <noscript><button type="submit" class="button">Save</button></noscript>
        </form>
    </details>
    <p class="quiet">What feeds each panel, and its bond, is set beside the panel boards.</p>
</details>

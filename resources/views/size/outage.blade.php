@use('Underpin\Say')
@use('Underpin\Outage\Acted')
@php($row = $screen->row)
@php($f = Underpin\Outage\OutageForm::form())
@php($in = $outage->in)
@php($acted = $outage->acted)
<x-layouts.size :screen="$screen" title="Live through an outage">
    @push('scripts')@vite('resources/js/size/outage.js')@endpush
    <x-slot:actions><a href="{{ route('jobs.stage', [$row->id, 'size']) }}">Machines</a></x-slot:actions>
    <form id="outage-form" class="outage-ask" method="get" action="{{ route('jobs.outage', $row->id) }}">
        <x-pick :of="$f->field('season')" id="og-season" :value="$in->text('season')"/>
        <x-field :of="$f->field('hours')" id="og-hours" :value="Underpin\Csv\Number::write($in->number('hours'))" list="og-lengths"/>
        <datalist id="og-lengths">@foreach ([12, 24, 72, 168, 720] as $hours)<option value="{{ $hours }}"></option>@endforeach</datalist>
        <x-field :of="$f->field('start_hour')" id="og-start" :value="Underpin\Csv\Number::write($in->number('start_hour'))" inputmode="numeric"/>
        <x-pick :of="$f->field('home')" id="og-home" :options="array_combine(array_column(Underpin\Outage\House\Home::cases(), 'value'), array_map(fn ($home) => $home->words(), Underpin\Outage\House\Home::cases()))" :value="$in->text('home')"/>
        <x-pick :of="$f->field('machine')" id="og-machine" :options="['' => 'the one that is picked'] + array_combine(array_map(fn ($s) => $s->id(), $outage->machines), array_map(fn ($s) => $s->words(), $outage->machines))" :value="$in->text('machine')"/>
        <x-pick :of="$f->field('beside')" id="og-beside" :options="['' => 'nothing'] + array_combine(array_map(fn ($a) => $a->key, $outage->alternatives), array_map(fn ($a) => $a->words, $outage->alternatives))" :value="$outage->alternative?->key ?? ''"/>
        <details class="deed" @if ($in->text('deed') !== '' || $in->numberOrNull('deed_h') !== null) open @endif><summary>Somebody does something</summary><div class="deed-fields">
            <x-field :of="$f->field('deed_h')" id="og-deed-h" :value="Underpin\Csv\Number::write($in->numberOrNull('deed_h'))"/>
            <x-pick :of="$f->field('deed')" id="og-deed" :options="['' => 'nothing'] + array_merge(...array_map(fn ($c) => ['on '.$c->id => 'turns '.$c->title().' on', 'off '.$c->id => 'turns '.$c->title().' off'], array_values(array_filter($screen->job->circuits(), fn ($c) => $c->role !== Underpin\Job\Role::Off))))" :value="$in->text('deed')"/>
        </div></details>
        <label class="choice"><input type="checkbox" name="fetches" value="1" @checked($in->flag('fetches'))> more fuel is fetched</label>
        @error('seed')<p class="error">{{ $message }}</p>@enderror
        <span class="outage-go"><button type="submit" class="button is-primary">Act it out</button>
        <button type="submit" class="button" name="seed" value="{{ $in->whole('seed') % Underpin\Outage\OutageForm::MOST_SEED + 1 }}">Another like it</button></span>
        @if ($in->whole('seed') !== 1)<input type="hidden" name="seed" value="{{ $in->whole('seed') }}">@endif
    </form>
    @if ($acted === null)
        <div class="blank"><h2>Nothing to act out yet</h2><p>{{ $outage->machines === [] ? 'No machine of the catalogue burns what is here.' : 'It needs a machine, and loads that must run and that it can feed.' }}
            <a href="{{ route('jobs.stage', [$row->id, 'loads']) }}">Mark the loads</a> or <a href="{{ route('jobs.stage', [$row->id, 'size']) }}">pick a machine</a>.</p></div>
    @else
        @php($trials = array_values(array_filter([$acted, $outage->beside])))
        <p class="verdict-line" data-tone="{{ $acted->tone() }}" id="outage-verdict"><b>{{ $acted->house->supply->words() }}:</b> {{ $acted->headline() }}</p>
        @if ($outage->beside)<p class="verdict-line" data-tone="{{ $outage->beside->tone() }}" id="outage-beside"><b>Beside it, {{ $outage->alternative->words }}:</b> {{ $outage->beside->headline() }}</p>@endif
        <div class="scroll" tabindex="0" role="group" aria-label="Figures"><table class="table outage-figures">
            <thead><tr><th scope="col"><span class="sr">Trial</span></th><th scope="col" class="num">Overloads</th><th scope="col" class="num">Highest on A, B</th><th scope="col" class="num">Limits</th><th scope="col" class="num">Without power</th><th scope="col" class="num">Energy</th><th scope="col" class="num">Burned, left</th><th scope="col" class="num">Stops to fill</th></tr></thead>
            <tbody>@foreach ($trials as $i => $each)@php($r = $each->result)
                <tr><th scope="row">{{ $i === 0 ? $each->house->supply->words() : $outage->alternative->words }}</th>
                <td class="num">{{ $r->overloads() }}</td>
                <td class="num">{{ number_format($r->peakAmps[0], 1) }}, {{ number_format($r->peakAmps[1], 1) }} <small>A</small></td>
                <td class="num">{{ number_format($each->house->supply->runLimitAmps(), 1) }}, {{ number_format($each->house->supply->surgeLimitAmps(), 1) }} <small>A</small></td>
                <td class="num">{{ Acted::hours($r->downS) }}</td><td class="num">{{ number_format($r->energyWh / 1000, 1) }} <small>kWh</small></td>
                <td class="num">@if ($r->burned === null)<small>not known</small>@else{{ number_format($r->burned, 1) }}, @if ($r->left === null)<small>{{ $each->leftUnknown() }}</small>@else{{ number_format($r->left, 1) }}@endif <small>{{ $each->unit() }}</small>@endif</td>
                <td class="num">{{ $r->refuellings }}</td></tr>
            @endforeach</tbody></table></div>
        <section class="timeline" id="timeline" aria-label="Both legs over time" data-span="{{ route('jobs.outage.span', [$row->id, ...request()->query()]) }}" data-moment="{{ route('jobs.outage.moment', [$row->id, ...request()->query()]) }}" data-titles="{{ json_encode(array_map(fn ($c) => $c->title, $acted->house->circuits)) }}" data-labels="{{ json_encode(array_map(fn ($c) => explode(' ', $c->title)[0], $acted->house->circuits)) }}">
            <div class="timeline-tools" role="toolbar" aria-label="What is shown">
                <button type="button" class="button" data-zoom="whole">Whole</button><button type="button" class="button" data-zoom="day">A day</button><button type="button" class="button" data-zoom="hour">An hour</button>
                <button type="button" class="button" data-go="{{ $acted->result->peakAtS[$acted->result->peakAmps[0] >= $acted->result->peakAmps[1] ? 0 : 1] }}">Highest moment</button>
                <span class="timeline-move"><button type="button" class="button" data-move="-1" title="Earlier ( , )" aria-label="Earlier">‹</button><button type="button" class="button" data-move="1" title="Later ( . )" aria-label="Later">›</button><button type="button" class="button" data-scale="2" title="Closer ( + )" aria-label="Closer">+</button><button type="button" class="button" data-scale="0.5" title="Farther ( - )" aria-label="Farther">−</button></span>
                <output id="timeline-says" class="grid-says"></output>
            </div>
            <div class="timeline-plots" id="timeline-plots"></div>
            <p class="legend">Solid line: carried for hours; dashed: for a moment. @if ($outage->beside)Thin line: {{ $outage->alternative->words }}. @endif Drag to move, wheel or two fingers for closer, click for the board then.</p>
        </section>
        <div class="outage-then">
            <section aria-label="What happened" class="outage-story"><h2>What happened</h2>
                <ol>@foreach (array_slice($acted->result->moments, 0, 200) as $moment)<li data-tone="{{ $moment->kind->tone() }}"><button type="button" class="moment" data-go="{{ $moment->atS }}"><span class="mono">{{ $acted->clock($moment->atS) }}</span></button> {{ $moment->words }}</li>@endforeach</ol>
                @if (count($acted->result->moments) > 200)<p class="quiet">and {{ count($acted->result->moments) - 200 }} more</p>@endif
            </section>
            <section aria-label="The board then" class="outage-board"><h2>The board <small id="moment-says">at a moment: click the picture or a line of the story</small></h2>
                @foreach ($screen->job->service->panels as $panel)<x-panel-board :panel="$panel" :screen="$screen"/>@endforeach
                <p class="legend"><span class="key now-2"></span> runs <span class="key now-3"></span> starts <span class="key now-1"></span> live, waits <span class="key now-0"></span> no power</p>
            </section>
        </div>
        @include('size.many')
        <section aria-label="Every circuit"><h2>Every circuit</h2>
            <div class="scroll" tabindex="0" role="group" aria-label="Every circuit"><table class="table">
                <thead><tr><th scope="col">Circuit</th><th scope="col" class="num">Ran</th><th scope="col" class="num">Of the time</th><th scope="col" class="num">Deepest dip</th><th scope="col" class="num">Overloads</th><th scope="col">At the end</th></tr></thead>
                <tbody>@foreach ($acted->house->circuits as $i => $circuit)
                    <tr><th scope="row">{{ $circuit->title }}</th><td class="num">{{ Acted::hours($acted->result->ranS[$i]) }}</td><td class="num">{{ number_format(100 * $acted->result->ranS[$i] / $acted->result->seconds, 0) }} <small>%</small></td>
                    <td class="num">@if (isset($acted->result->dips[$i])){{ number_format($acted->result->dips[$i], 1) }} <small>%</small>@endif</td><td class="num">{{ $acted->result->trips[$i] ?? '' }}</td><td>{{ in_array($i, $acted->result->leftOff, true) ? 'left off' : '' }}</td></tr>
                @endforeach</tbody></table></div>
            <p class="caution">{{ $acted->restsOn() }}</p>
        </section>
    @endif
</x-layouts.size>

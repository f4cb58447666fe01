@php($place = $design->place())
<div class="place-live" id="place-live">
@if ($place)
    @php([$padW, $padD] = $place->padFt())
    <p class="pad-size"><b>Pad or platform:</b> level, at least {{ Underpin\Say::figure($padW) }} × {{ Underpin\Say::figure($padD) }} ft, as much more as its manual says{{ $place->padFallIn() > 0 ? '; '.Underpin\Say::figure($place->padFallIn()).' in higher at the side that the ground falls to' : '' }}{{ $design->job->site->snowIn > 0 && $place->isStandby() ? '; above '.Underpin\Say::figure($design->job->site->snowIn).' in of snow' : '' }}.
        @if ($design->job->plan->flooded !== null){{ match ($place->isAboveFlood()) { true => 'It stands above the flood.', false => 'The flood reaches it.', null => 'Whether the flood reaches it is not known: note the height of platform and water.' } }}@endif</p>
    @php($notNoted = array_values(array_filter([...$place->missing(), Underpin\Placement\TankPlace::missing($design->job)])))
    @if ($notNoted !== [])<p class="caution"><b>Not judged, because it is not noted:</b> {{ Underpin\Say::list($notNoted, 6) }}.</p>@endif
    <section class="scroll" tabindex="0" aria-label="Distances"><table class="table distances">
        <thead><tr><th scope="col">Distance</th><th scope="col" class="num">Is</th><th scope="col" class="num">Needs</th><th scope="col">Rule</th></tr></thead>
        <tbody>@foreach ([...array_merge(...array_map(fn ($each) => $each->telling(), $design->places())), ...Underpin\Placement\TankPlace::telling($design->job)] as $row)
            <tr @class(['is-broken' => $row->isBroken()])><th scope="row">{{ ucfirst($row->what) }}</th><td class="num">@if ($row->isBroken())<span class="sr">too near: </span>@endif{{ Underpin\Say::figure($row->ft()) }} <i>ft</i></td><td class="num">{{ Underpin\Say::figure($row->neededFt) }} <i>ft</i></td><td><cite>{{ $row->source->words($edition) }}</cite></td></tr>
        @endforeach</tbody>
    </table></section>
    @php($noise = array_slice($place->noise(), 0, 4))
    @if ($noise !== [])<section class="scroll" tabindex="0" aria-label="Noise"><table class="table distances">
        <thead><tr><th scope="col">Noise, in the open</th><th scope="col" class="num">Is</th><th scope="col" class="num">Night</th></tr></thead>
        <tbody>@foreach ($noise as $row)
            <tr @class(['is-broken' => $row->isOver()])><th scope="row">{{ ucfirst($row->what) }}, {{ Underpin\Say::figure($row->ft) }} ft</th><td class="num">@if ($row->isOver())<span class="sr">too loud: </span>@endif{{ number_format($row->db) }} <i>dB(A)</i></td><td class="num">@if ($row->mostDb === null)<span class="quiet">not asked</span>@else{{ number_format($row->mostDb) }} <i>dB(A)</i>@endif</td></tr>
        @endforeach</tbody>
    </table></section>
    @else<p class="quiet">Noise is not known: the data sheet of the machine says how loud it is, and at what distance.</p>@endif
@endif
</div>

@php($circuits = array_values(array_filter($screen->job->drawingCircuits(), fn ($c) => $c->role !== Underpin\Job\Role::Off || $c->measured !== null)))
@php($done = count(array_filter($circuits, fn ($c) => $c->measured !== null)))
<section id="part-measured" class="measured" aria-label="Circuit by circuit">
    <h2>Circuit by circuit <small>{{ $done }} of {{ count($circuits) }} measured</small></h2>
    @php($legs = Underpin\Job\Work\MeasuredLegs::of($screen->job->work))
    @if ($legs !== null)<p>On the generator, everything on that must run, {{ $legs->on }}: leg A <b class="mono">{{ Underpin\Say::amps($legs->aAmps) }}</b>, leg B <b class="mono">{{ Underpin\Say::amps($legs->bAmps) }}</b> by clamp.</p>@endif
    <x-findings :screen="$screen" :aside="false" :edition="$screen->job->authority->rules->edition" :findings="array_values(array_filter($screen->review->findings, fn ($f) => in_array($f->code, [Underpin\Checks\Code::LegContradicts, Underpin\Checks\Code::ReceptacleUnderLoad], true)))"/>
    <section class="scroll" tabindex="0" aria-label="What was measured"><table class="table">
        <thead><tr><th scope="col">Circuit</th><th scope="col">Leg</th><th scope="col" class="num">Listed</th><th scope="col" class="num">Measured</th><th scope="col" class="num">Start</th><th scope="col">When</th></tr></thead>
        <tbody>@foreach ($circuits as $circuit)
            <tr class="{{ $circuit->measured && $circuit->measured->leg !== $circuit->leg() ? 'is-wrong' : '' }}">
                <th scope="row"><a href="{{ $screen->links->to(Underpin\StageKey::Loads, ['at' => $circuit->id]) }}">{{ $circuit->title() }}</a></th>
                <td>{{ $circuit->leg()->value }}@if ($circuit->measured && $circuit->measured->leg !== $circuit->leg()) → {{ $circuit->measured->leg->value }}@endif</td>
                <td class="num">@if ($circuit->figuresMissing())<small>no figures</small>@else{{ number_format($circuit->runAmps(), 1) }} A @endif</td>
                <td class="num">{{ $circuit->measured ? number_format($circuit->measured->runAmps, 1).' A' : '–' }}</td>
                <td class="num">{{ $circuit->measured ? number_format($circuit->measured->startAmps, 1).' A' : '' }}</td>
                <td>{{ $circuit->measured->on ?? '' }}{{ $circuit->measured?->byHand ? ', by hand' : '' }}</td>
            </tr>
        @endforeach</tbody>
    </table></section>
</section>

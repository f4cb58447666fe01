@php($scale = new App\Drawings\StripScale($screen->strip))
@php($strip = $screen->strip)
<section id="part-strip" class="strip" aria-label="Legs">
    <div class="strip-names" aria-hidden="true">
        @if ($strip->oneHot)<span>One hot</span>@else<span>Leg A</span><span>Leg B</span>@endif
    </div>
    <svg class="strip-tracks" width="100%" height="78" aria-hidden="true" focusable="false">
        <rect class="track" x="0" y="32" width="100%" height="18" rx="3"/>
        <rect class="solid-a" x="0" y="32" width="{{ $scale->pct($strip->aRunAmps) }}" height="18" rx="3"/>
        <rect fill="url(#hatch-a)" class="edge-a" x="{{ $scale->pct($strip->aRunAmps) }}" y="32" width="{{ $scale->spanPct($strip->aRunAmps, $strip->aPeakAmps) }}" height="18"/>
        @unless ($strip->oneHot)
            <rect class="track" x="0" y="56" width="100%" height="18" rx="3"/>
            <rect fill="url(#fill-b)" x="0" y="56" width="{{ $scale->pct($strip->bRunAmps) }}" height="18" rx="3"/>
            <rect fill="url(#hatch-b)" class="edge-b" x="{{ $scale->pct($strip->bRunAmps) }}" y="56" width="{{ $scale->spanPct($strip->bRunAmps, $strip->bPeakAmps) }}" height="18"/>
        @endunless
        @foreach ($strip->ticks as $i => $tick)
            <line class="tick {{ $tick->hard ? 'tick-hard' : '' }}" x1="{{ $scale->pct($tick->amps) }}" x2="{{ $scale->pct($tick->amps) }}" y1="{{ $i % 2 ? 18 : 4 }}" y2="76"/>
        @endforeach
        @foreach ($strip->ticks as $i => $tick)
            <text class="tick-label {{ $tick->hard ? 'tick-hard' : '' }}" x="{{ $scale->pct($tick->amps) }}" dx="{{ $scale->anchor($i, $tick->amps) === 'end' ? -5 : 5 }}" y="{{ $i % 2 ? 27 : 13 }}" text-anchor="{{ $scale->anchor($i, $tick->amps) }}">{{ $tick->label }} {{ number_format($tick->amps, 1) }} A</text>
        @endforeach
    </svg>
    <div class="strip-figures">
        <span class="sr">{{ $strip->oneHot ? 'One hot wire' : 'Leg A' }} running, worst start</span>
        <span class="figure"><b>{{ number_format($strip->aRunAmps, 1) }}</b><i>A</i><small>{{ number_format($strip->aPeakAmps, 1) }}</small></span>
        @unless ($strip->oneHot)
            <span class="sr">Leg B running, worst start</span>
            <span class="figure"><b>{{ number_format($strip->bRunAmps, 1) }}</b><i>A</i><small>{{ number_format($strip->bPeakAmps, 1) }}</small></span>
        @endunless
    </div>
    <p class="strip-verdict" data-tone="{{ $strip->tone }}"><strong>{{ $strip->headline }}</strong> {{ $strip->detail }}</p>
</section>

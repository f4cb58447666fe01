@php($strip = $screen->strip)
<section id="part-strip" class="strip" aria-label="Legs">
    <div class="strip-names" aria-hidden="true">
        @if ($strip->oneHot)<span>One hot</span>@else<span>Leg A</span><span>Leg B</span>@endif
    </div>
    <x-drawing :drawing="(new Underpin\Drawing\Strip\StripDrawing($strip))->drawing()" class="strip-tracks" aria-hidden="true" focusable="false"/>
    <div class="strip-figures">
        <span class="sr">{{ $strip->oneHot ? 'One hot wire' : 'Leg A' }} running, worst start</span>
        <span class="figure"><b>{{ number_format($strip->aRunAmps, 1) }}</b><i>A</i><small>{{ number_format($strip->aPeakAmps, 1) }}</small></span>
        @unless ($strip->oneHot)
            <span class="sr">Leg B running, worst start</span>
            <span class="figure"><b>{{ number_format($strip->bRunAmps, 1) }}</b><i>A</i><small>{{ number_format($strip->bPeakAmps, 1) }}</small></span>
        @endunless
    </div>
    <p class="strip-verdict" data-tone="{{ $strip->tone }}"><strong>{{ $strip->headline }}</strong> {{ $strip->detail }}</p>
    @php($dangers = $screen->review->dangers())
    @if ($dangers !== [])
        <p class="danger-head" role="alert"><strong>Danger</strong> <a href="{{ $screen->mend($dangers[0]) }}">{{ $dangers[0]->what }}</a>@if (count($dangers) > 1) <span>and {{ count($dangers) - 1 }} more: {{ implode(', ', array_unique(array_map(fn ($f) => $f->stage->value, array_slice($dangers, 1)))) }}</span>@endif</p>
    @endif
    @php($drift = $screen->drift())
    @if ($drift !== [])
        @php($quoted = $screen->job->quotes->standing())
        <p class="since-quote"><strong>Not as quoted</strong> <span>Since {{ lcfirst($quoted->title()) }} of {{ $quoted->on }}: {{ Underpin\Say::list($drift, 3) }}.</span> <a href="{{ $screen->links->to(Underpin\StageKey::PriceAndPapers) }}#quotes">Quote</a></p>
    @endif
</section>

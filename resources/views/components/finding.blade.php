@props(['finding', 'edition', 'screen'])
<article class="finding" data-severity="{{ $finding->severity->value }}">
    <h4><span class="severity">{{ $finding->severity->value }}</span> {{ $finding->what }}</h4>
    <p>{{ $finding->why }} {{ $finding->do }} <cite>{{ $finding->source->words($edition) }}</cite></p>
    <p class="mend"><a href="{{ $screen->mend($finding) }}">Mend it</a></p>
</article>

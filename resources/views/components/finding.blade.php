@props(['finding', 'edition', 'screen'])
<article class="finding" data-severity="{{ $finding->severity->value }}">
    <h2><span class="severity">{{ $finding->severity->value }}</span> {{ $finding->what }}</h2>
    <p>{{ $finding->why }} {{ $finding->do }} <cite>{{ $finding->source->words($edition) }}</cite></p>
    <div class="to-mend"><a href="{{ $screen->mend($finding) }}">Mend it</a>
    @if ($finding->severity->canBeSetAside())
        <details><summary>Set aside</summary><form method="post" action="{{ route('jobs.set-aside', $screen->row->id) }}" data-parts>@csrf @method('PUT')
            <input type="hidden" name="code" value="{{ $finding->code->value }}"><input type="hidden" name="circuit" value="{{ $finding->circuitId }}"><input type="hidden" name="stage" value="{{ $screen->stage->value }}">
            <input class="input" name="reason" maxlength="300" required aria-label="Why this advice is set aside: {{ $finding->what }}" placeholder="Why"><button type="submit" class="button">Set aside</button><p class="error" data-error="reason"></p></form></details>
    @endif</div>
</article>

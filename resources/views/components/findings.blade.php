@props(['findings', 'edition', 'screen', 'aside' => true])
@foreach (array_slice($findings, 0, 3) as $finding)<x-finding :finding="$finding" :edition="$edition" :screen="$screen"/>@endforeach
@if (count($findings) > 3)
    <details class="more"><summary>and {{ count($findings) - 3 }} more</summary>
        @foreach (array_slice($findings, 3) as $finding)<x-finding :finding="$finding" :edition="$edition" :screen="$screen"/>@endforeach
    </details>
@endif
@if ($aside && $screen->setAside() !== [])
    <details class="more aside"><summary>{{ count($screen->setAside()) }} set aside</summary>
        @foreach ($screen->setAside() as [$finding, $advice])
            <article class="finding" data-severity="advice"><h2>{{ $finding->what }}</h2><p>Set aside by {{ $advice->by }}, {{ $advice->on }}: {{ $advice->reason }}</p>
                <form method="post" action="{{ route('jobs.set-aside.back', $screen->row->id) }}" data-parts>@csrf @method('DELETE')
                    <input type="hidden" name="code" value="{{ $advice->code }}"><input type="hidden" name="circuit" value="{{ $advice->circuit }}"><input type="hidden" name="stage" value="{{ $screen->stage->value }}">
                    <button type="submit" class="button">Take it up again</button></form></article>
        @endforeach
    </details>
@endif

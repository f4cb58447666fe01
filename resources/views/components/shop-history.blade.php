@props(['events'])
@if ($events->isNotEmpty())
    <details class="by-hand">
        <summary>History <small>{{ $events->first()->by }}, {{ $events->first()->created_at->format('Y-m-d') }}</small></summary>
        <ul class="rows">
            @foreach ($events as $event)
                <li>
                    {{ $event->label }} <span class="quiet">{{ $event->by }}, {{ $event->created_at->format('Y-m-d H:i') }}</span>
                    @if ($loop->first)<form method="post" action="{{ route('shop.take-back', $event->id) }}">@csrf<button type="submit" class="button is-quiet">Take it back</button></form>@endif
                </li>
            @endforeach
        </ul>
        <p class="error" data-error="history">@error('history'){{ $message }}@enderror</p>
    </details>
@endif

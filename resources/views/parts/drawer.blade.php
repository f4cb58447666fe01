@php($circuit = $screen->circuit())
<aside id="part-drawer" class="drawer" aria-label="Selected" data-at="{{ $screen->at ?? '' }}">
    @if ($circuit)
        @include('drawer.circuit')
    @elseif ($screen->newSpace)
        @include('drawer.new-breaker')
    @elseif ($screen->stage->value === 'survey')
        <x-findings :findings="$screen->findings()"/>
        @include('drawer.panels')
    @else
        <h2>Select a breaker</h2>
        <p class="quiet">Touch it, or use the arrow keys. Then <kbd>1</kbd> must run, <kbd>2</kbd> when there is room, <kbd>3</kbd> leave off.</p>
    @endif
    @if ($circuit || $screen->newSpace || $screen->stage->value !== 'survey')
        @include('parts.findings')
    @endif
    @if (! $circuit && ! $screen->newSpace)
        @include('parts.missing')
    @endif
</aside>

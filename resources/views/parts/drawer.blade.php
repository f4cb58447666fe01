@php($circuit = $screen->circuit())
<aside id="part-drawer" class="drawer" aria-label="Selected" data-at="{{ $screen->at ?? '' }}">
    @if ($circuit)
        @include('parts.selected')
        @part('parts.findings')
    @elseif ($screen->newSpace)
        @include('survey.new-breaker')
        @part('parts.findings')
    @else
        @include($screen->page->drawer()->unselected)
        @part('parts.missing')
    @endif
</aside>

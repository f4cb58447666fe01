<div id="part-main">
    @if ($screen->page->isDecided())
        <x-may deed="decide" :of="$screen->row">
        @include($screen->page->view(), $screen->page->data($screen, request()))
        </x-may>
    @else
        @include($screen->page->view(), $screen->page->data($screen, request()))
    @endif
</div>

<div id="part-main">
    <x-may deed="decide" :of="$screen->row">
    @include($screen->page->view(), $screen->page->data($screen, request()))
    </x-may>
</div>

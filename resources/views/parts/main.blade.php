<div id="part-main">
    @include($screen->page->view(), $screen->page->data($screen, request()))
</div>

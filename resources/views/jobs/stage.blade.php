<x-layouts.page :title="$screen->report()->stage->title().' · '.$screen->row->name" :job="$screen->row">
    @if ($screen->page->script())
        @push('scripts')@vite($screen->page->script())@endpush
    @endif
    @part('parts.header')
    <div id="page">
        @part('parts.strip')
        <div class="job">
            @part('parts.spine')
            <main class="stage" tabindex="-1" data-stage-name="{{ $screen->stage->value }}">
                @if ($screen->page->isOnePart())
                    @part('parts.main')
                @else
                    @include($screen->page->view(), $screen->page->data($screen, request()))
                @endif
                @include('parts.photos', ['shelf' => App\Screens\PhotoShelf::of($screen->row, App\Photos\PhotoOf::Stage, $screen->stage->value)])
            </main>
            @if ($screen->page->drawer() !== null)
                @part('parts.drawer')
            @endif
        </div>
    </div>
</x-layouts.page>

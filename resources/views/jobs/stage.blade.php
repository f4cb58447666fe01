<x-layouts.page :title="$screen->report()->stage->title().' · '.$screen->row->name" :job="$screen->row">
    @include('parts.header')
    <div id="page">
        @include('parts.strip')
        <div class="job">
            @include('parts.spine')
            <main class="stage" tabindex="-1" data-stage-name="{{ $screen->stage->value }}">
                @if (in_array($screen->stage->value, ['survey', 'loads'], true))
                    @include('stages.'.$screen->stage->value)
                @else
                    @include('parts.main')
                @endif
                @include('parts.photos', ['shelf' => App\Screens\PhotoShelf::of($screen->row, App\Photos\PhotoOf::Stage, $screen->stage->value)])
            </main>
            @if (in_array($screen->stage->value, ['survey', 'loads'], true))
                @include('parts.drawer')
            @endif
        </div>
    </div>
</x-layouts.page>

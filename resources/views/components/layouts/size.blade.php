@props(['screen', 'title'])
<x-layouts.page :title="$title.' · '.$screen->row->name" :job="$screen->row">
    @part('parts.header')
    <div id="page">
        @part('parts.strip')
        <div class="job">
            @part('parts.spine')
            <main class="stage" tabindex="-1" data-stage-name="size">
                <div class="stage-head"><h1>{{ $title }}</h1> {{ $actions ?? '' }}</div>
                {{ $slot }}
            </main>
        </div>
    </div>
</x-layouts.page>

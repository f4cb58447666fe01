@props(['screen', 'title', 'at'])
<x-layouts.page :title="$title.' · '.$screen->row->name" :job="$screen->row">
    @include('parts.header')
    <div id="page">
        @include('parts.strip')
        <div class="job">
            @include('parts.spine')
            <main class="stage stage-{{ $at }}" tabindex="-1" data-stage-name="loads">
                <div class="stage-head"><h1>{{ $title }}</h1>{{ $actions ?? '' }}</div>
                <x-schools :screen="$screen" :at="$at"/>
                {{ $slot }}
            </main>
        </div>
    </div>
</x-layouts.page>

@props(['screen', 'title', 'at', 'isTight' => false])
<x-layouts.page :title="$title.' · '.$screen->row->name" :job="$screen->row">
    @part('parts.header')
    <div id="page">
        @part('parts.strip')
        <div class="job">
            @part('parts.spine')
            <main class="stage" data-page="{{ $at }}" tabindex="-1" data-stage-name="loads">
                <div class="stage-head"><h1>{{ $title }}</h1>@if ($isTight)<x-schools :screen="$screen" :at="$at"/>@endif {{ $actions ?? '' }}</div>
                @unless ($isTight)<x-schools :screen="$screen" :at="$at"/>@endunless
                {{ $slot }}
            </main>
        </div>
    </div>
</x-layouts.page>

<x-layouts.loads :screen="$screen" title="Stand-in clamp meter" at="measure">
    @include('loads.meter')
    <p><a class="button" href="{{ route('jobs.recordings', $screen->row->id) }}">Recordings</a></p>
</x-layouts.loads>

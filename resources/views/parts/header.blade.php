<div id="part-header">
<x-topbar>
    <a class="jobname" href="{{ route('jobs.show', $screen->row->id) }}">{{ $screen->row->name }}</a>
    <span class="saved">{{ $screen->steps->last ? 'last change '.$screen->steps->last->at->format('Y-m-d H:i').' by '.$screen->steps->last->by : 'no changes yet' }}</span>
    <x-slot:tools>
        @if ($screen->steps->undo)
            <form method="post" action="{{ route('jobs.undo', $screen->row->id) }}" data-refresh id="undo-form">@csrf
                <input type="hidden" name="seq" value="{{ $screen->steps->undo->seq }}"><input type="hidden" name="label" value="{{ $screen->steps->undo->label }}">
                <button type="submit" class="tool" title="Undo: {{ $screen->steps->undo->label }} ( u, or Alt + u )"><kbd>u</kbd> undo</button>
            </form>
        @endif
        @if ($screen->steps->redo)
            <form method="post" action="{{ route('jobs.redo', $screen->row->id) }}" data-refresh id="redo-form">@csrf
                <input type="hidden" name="seq" value="{{ $screen->steps->redo->seq }}"><input type="hidden" name="label" value="{{ $screen->steps->redo->label }}">
                <button type="submit" class="tool" title="Redo: {{ $screen->steps->redo->label }} ( Shift u )"><kbd>⇧u</kbd> redo</button>
            </form>
        @endif
    </x-slot:tools>
</x-topbar>
<x-print-head :screen="$screen"/>
</div>

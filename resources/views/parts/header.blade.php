<div id="part-header">
<x-topbar>
    <a class="jobname" href="{{ route('jobs.show', $screen->row->id) }}">{{ $screen->row->name }}</a>
    <span class="saved">{{ $screen->last ? 'last change '.$screen->last->created_at->format('M j, H:i').' by '.$screen->last->by : 'no changes yet' }}</span>
    <x-slot:tools>
        @if ($screen->undo)
            <form method="post" action="{{ route('jobs.undo', $screen->row->id) }}" data-refresh id="undo-form">@csrf
                <input type="hidden" name="seq" value="{{ $screen->undo->seq }}"><input type="hidden" name="label" value="{{ $screen->undo->label }}">
                <button class="tool" title="Undo: {{ $screen->undo->label }} ( u )"><kbd>u</kbd> undo</button>
            </form>
        @endif
        @if ($screen->redo)
            <form method="post" action="{{ route('jobs.redo', $screen->row->id) }}" data-refresh id="redo-form">@csrf
                <input type="hidden" name="seq" value="{{ $screen->redo->seq }}"><input type="hidden" name="label" value="{{ $screen->redo->label }}">
                <button class="tool" title="Redo: {{ $screen->redo->label }} ( Shift u )"><kbd>⇧u</kbd> redo</button>
            </form>
        @endif
    </x-slot:tools>
</x-topbar>
</div>

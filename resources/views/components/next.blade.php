@props(['screen'])
@php($next = Underpin\Stages\Stages::standard()->after($screen->stage))
@if ($next)
    <a class="button next" href="{{ route('jobs.stage', [$screen->row->id, $next->key()->value]) }}" title="{{ $next->title() }} ( ] )">Next: {{ $next->title() }} <span aria-hidden="true">→</span></a>
@endif

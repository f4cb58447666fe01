@props(['screen'])
@php($next = Underpin\Stages\Stages::standard()->after($screen->stage))
@if ($next)
    <a class="button next" href="{{ $screen->links->to($next->key()) }}" title="{{ $next->title() }} ( ] )">Next: {{ $next->title() }} <span aria-hidden="true">→</span></a>
@endif

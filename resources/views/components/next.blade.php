@props(['screen'])
@php($stages = Underpin\Stage::open())
@php($next = $stages[array_search($screen->stage, $stages, true) + 1] ?? null)
@if ($next)
    <a class="button next" href="{{ route('jobs.stage', [$screen->row->id, $next->value]) }}" title="{{ $next->title() }} ( ] )">Next: {{ $next->title() }} <span aria-hidden="true">→</span></a>
@endif

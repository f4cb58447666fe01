@if ($circuit = $screen->circuit())
@php($board = new App\Drawings\PanelBoard($screen->panelOf($circuit), $screen->design()))
<svg hidden><x-breaker :circuit="$circuit" :board="$board" :screen="$screen"/></svg>
<table hidden><tbody><x-circuit-row :circuit="$circuit" :screen="$screen"/></tbody></table>
@endif

@foreach ($screen->redrawn() as $circuit)
<svg hidden>{!! $screen->breaker($circuit) !!}</svg>
<table hidden><tbody><x-circuit-row :circuit="$circuit" :screen="$screen"/></tbody></table>
@endforeach

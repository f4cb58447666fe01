<div class="stage-head"><h1>What must run</h1><div class="actions"><a class="button" href="{{ route('jobs.grid', $screen->row->id) }}" data-other-view title="Grid, like a sheet ( g )"><kbd>g</kbd> Grid</a><x-next :screen="$screen"/></div></div>
<x-schools :screen="$screen" at="list"/>
@part('loads.fits')
@part('parts.board')

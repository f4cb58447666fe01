<div class="stage-head"><h1>The work, step by step</h1>
    <div class="actions"><a class="button" href="{{ route('jobs.paper', [$screen->row->id, 'install-checklist']) }}">On paper</a><x-next :screen="$screen"/></div></div>
@include('work.list', ['empty' => 'The steps follow from the machine and the way of connecting.', 'paper' => 'install-checklist'])
@if ($work->list->steps !== [])@part('work.hours')@endif

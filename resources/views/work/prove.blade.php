<div class="stage-head"><h1>Prove that it holds</h1>
    <div class="actions"><a class="button" href="{{ route('jobs.paper', [$screen->row->id, 'certificate']) }}">Certificate</a><x-next :screen="$screen"/></div></div>
@if ($work->list->steps !== [])@include('work.bench')@endif
@include('work.list', ['empty' => 'What is proven follows from the machine and the way of connecting.', 'paper' => 'certificate'])
@if ($work->list->steps !== [])
@part('work.runs')
@part('work.ranges')
@endif

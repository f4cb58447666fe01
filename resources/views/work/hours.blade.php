@php($rows = Underpin\Install\HoursAgainstQuote::of($screen->design()))
@php($f = (new App\Http\Requests\Work\HoursRequest)->form())
<section id="part-hours" class="sheet"><h2>Hours <small>worked, beside those of the quote</small></h2>
@if ($rows !== [])
    <section class="scroll" tabindex="0" aria-label="Hours by task"><table class="table is-stacking">
        <thead><tr><th scope="col">Task</th><th scope="col" class="num">Quoted</th><th scope="col" class="num">Worked</th><th scope="col" class="num">Over</th></tr></thead>
        <tbody>@foreach ($rows as $row)<tr><th scope="row">{{ $row->words }}</th><td class="num" data-label="Quoted">{{ $row->quoted === null ? 'not quoted' : Underpin\Say::figure($row->quoted).' h' }}</td><td class="num" data-label="Worked">{{ Underpin\Say::figure($row->worked) }} h</td><td class="num" data-label="Over">{{ $row->over() > 0 ? Underpin\Say::figure($row->over()).' h' : '' }}</td></tr>@endforeach</tbody>
    </table></section>
@endif
@if ($screen->job->work->hours !== [])
    <ul class="hours-list">@foreach ($screen->job->work->hours as $worked)<li><span class="mono">{{ $worked->on }}</span> {{ $worked->who }}: <b class="mono">{{ Underpin\Say::figure($worked->hours) }} h</b> {{ Underpin\Assembly\Task::tryFrom($worked->task)?->words() ?? $worked->task }}
        <form method="post" id="hours-{{ $worked->id }}" action="{{ route('jobs.work.hours.remove', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $worked->id }}"><button type="submit" class="button is-quiet">Take out</button></form></li>@endforeach</ul>
@endif
    <form id="hours-form" class="sheet-form" method="post" action="{{ route('jobs.work.hours', $screen->row->id) }}" data-parts>@csrf @method('PUT')
        <div class="fields"><x-pick :of="$f->field('task')" id="hours-task" :options="array_column(array_map(fn ($row) => [$row->task, $row->words], $rows), 1, 0) + $f->field('task')->options()"/><x-field :of="$f->field('on')" id="hours-on" type="date" :value="now()->toDateString()"/><x-field :of="$f->field('who')" id="hours-who" :value="auth()->user()->name"/><x-field :of="$f->field('hours')" id="hours-hours"/></div>
        <button type="submit" class="button">Note the hours</button>
    </form>
</section>

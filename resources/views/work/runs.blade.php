@php($f = (new App\Http\Requests\Work\DryRunRequest)->form())
<section id="part-runs" class="sheet"><h2>The owner alone, from the card <small>twice a year, by everybody who may be home</small></h2>
@if ($screen->job->work->dryRuns !== [])
    <section class="scroll" tabindex="0" aria-label="Dry runs"><table class="table is-stacking">
        <thead><tr><th scope="col">Day</th><th scope="col">Who</th><th scope="col" class="num">Minutes</th><th scope="col" class="num">Mistakes</th><th scope="col">Where</th><th scope="col">Note</th><th scope="col"><span class="sr">Take out</span></th></tr></thead>
        <tbody>@foreach ($screen->job->work->dryRuns as $run)<tr><td class="mono" data-label="Day">{{ $run->on }}</td><th scope="row">{{ $run->who }}</th><td class="num" data-label="Minutes">{{ Underpin\Say::figure($run->minutes) }}</td><td class="num" data-label="Mistakes">{{ $run->mistakes }}</td><td data-label="Where">{{ $run->onScreen ? 'on the screen' : 'at the panel' }}</td><td data-label="Note">{{ $run->note }}</td>
            <td><form method="post" id="run-{{ $run->id }}" action="{{ route('jobs.work.dry-run.remove', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $run->id }}"><button type="submit" class="button is-quiet" aria-label="Take out: {{ $run->on }} {{ $run->who }}">Take out</button></form></td></tr>@endforeach</tbody>
    </table></section>
@endif
    <form id="run-form" class="sheet-form" method="post" action="{{ route('jobs.work.dry-run', $screen->row->id) }}" data-parts>@csrf @method('PUT')
        <div class="fields"><x-field :of="$f->field('on')" id="run-on" type="date" :value="now()->toDateString()"/><x-field :of="$f->field('who')" id="run-who"/><x-field :of="$f->field('minutes')" id="run-minutes"/><x-field :of="$f->field('mistakes')" id="run-mistakes" inputmode="numeric"/></div>
        <x-field :of="$f->field('note')" id="run-note"/>
        <button type="submit" class="button">Note the dry run</button>
    </form>
</section>

@php($f = (new App\Http\Requests\Connect\ShedRequest)->form())
@php($connection = $screen->job->connection)
@php($situation = $screen->design()->situation())
@php($full = Underpin\Connection\Capacity::fullLoadVa($situation))
@php($draws = collect($screen->job->drawingCircuits())->filter(fn ($c) => ! $c->isSpare())->sortBy(fn ($c) => [$connection->shedding($c->id)?->priority ?? 99, -$c->runAmps()]))
<section class="sheet" id="shed">
    <h2>Load shedding <small>on loss of its control a shed load stays off</small></h2>
    <p>@if ($full === null)The full load is not calculated yet: do the load calculation under Loads.@else Full load {{ number_format($full) }} VA; what is shed takes at least {{ number_format(Underpin\Connection\Capacity::shedVa($situation)) }} VA off it; stays in the worst case {{ number_format(Underpin\Connection\Capacity::staysVa($situation)) }} VA{{ $screen->design()->supply() ? ', of '.number_format($screen->design()->supply()->runW()).' W that the machine gives here' : '' }}. <span class="quiet">Each must stand in the load calculation; it counts with the smallest share that it can have there.</span>@endif</p>
    <section class="scroll" tabindex="0" aria-label="Load shedding"><table class="table">
        <thead><tr><th scope="col">Circuit</th><th scope="col" class="num">Amps</th><th scope="col">Goes off</th><th scope="col">Comes back after</th></tr></thead>
        <tbody>@foreach ($draws as $circuit)
            @php($shed = $connection->shedding($circuit->id))
            <tr><th scope="row">{{ $circuit->title() }}</th><td class="num">{{ $circuit->figuresMissing() ? 'no figures' : number_format($circuit->runAmps(), 1) }}</td>
                <td colspan="2"><form class="shed-row" id="shed-{{ $circuit->id }}" method="post" action="{{ route('jobs.connection.shed', $screen->row->id) }}" data-parts data-autosave>
                    @csrf @method('PUT')<input type="hidden" name="circuit" value="{{ $circuit->id }}"><x-was :values="['priority' => $shed?->priority, 'delay_s' => $shed?->delayS]"/>
                    <div class="select"><select id="shed-p-{{ $circuit->id }}" name="priority" aria-label="{{ $circuit->name }} goes off"><option value="">stays on</option>@foreach (range(1, 9) as $n)<option value="{{ $n }}" @selected($shed?->priority === $n)>{{ $n }}{{ $n === 1 ? ', first' : '' }}</option>@endforeach</select></div>
                    <input class="input num" name="delay_s" value="{{ $shed->delayS ?? 30 }}" inputmode="numeric" aria-label="{{ $circuit->name }} comes back after, seconds"> <span class="unit">s</span>
                    <p class="error" data-error="delay_s"></p><noscript><button type="submit" class="button">Save</button></noscript>
                </form></td></tr>
        @endforeach</tbody>
    </table></section>
</section>

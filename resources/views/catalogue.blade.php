<x-layouts.page title="Catalogue"><x-topbar><a class="jobname" href="{{ route('jobs.index') }}">← Jobs</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>Catalogue</h1></div>
        @if (session('not-taken'))<div class="notice" role="status"><b>Not taken:</b><ul>@foreach (session('not-taken') as $line)<li>{{ $line }}</li>@endforeach</ul></div>@endif
        <div class="stage-head gap"><h2>Machines</h2>@can('stock', auth()->user()->shop)<a class="button" href="{{ route('machines.create') }}">Add a machine</a>@endcan <a class="button is-quiet" href="{{ route('shop.sheet', 'machine') }}">As a sheet (CSV)</a></div>
        <section class="scroll" tabindex="0" aria-label="Machines"><table class="table">
            <thead><tr><th scope="col">Machine</th><th scope="col">Outlet</th><th scope="col">Neutral</th><th scope="col" class="num">All day <small>W</small></th><th scope="col" class="num">Advertised <small>W</small></th><th scope="col">On</th><th scope="col" class="num">Price</th><th scope="col">Not known</th></tr></thead>
            @foreach ($machines->groupBy('retired') as $retired => $group)
            <tbody>@if ($retired)<tr><th colspan="8" scope="rowgroup" class="quiet">Retired: no new job is offered them</th></tr>@endif
            @foreach ($group as $machine) @php($core = $machine->core()) @php($gaps = Underpin\Job\Machine\MachineGaps::of($core))
            @foreach ($core->ratings as $rating)<tr>
                @if ($loop->first)<th scope="row" rowspan="{{ count($core->ratings) }}"><a href="{{ route('machines.edit', $machine->key) }}">{{ $machine->name }}</a><span class="under">{{ $core->form->words() }}. {{ Underpin\Sizing\RatingWords::peak($core, $rating) }}</span></th><td rowspan="{{ count($core->ratings) }}">{{ $machine->outlet }} <small>{{ $machine->outlet_a }} A, {{ $machine->volts === 240 ? '120/240' : '120' }} V</small></td><td rowspan="{{ count($core->ratings) }}">{{ $machine->neutral ?? 'not known' }}{{ $machine->gfci ? ', GFCI' : '' }}</td>@endif
                <td class="num"><b>{{ number_format($rating->runW) }}</b></td><td class="num">{{ $rating->peakW === null ? 'not known' : number_format($rating->peakW) }}</td><td>{{ $rating->fuel->value }}</td>
                @if ($loop->first)<td class="num" rowspan="{{ count($core->ratings) }}">@if ($machine->price_usd === null) not known @else<small>$</small> {{ number_format($machine->price_usd) }}@endif</td><td rowspan="{{ count($core->ratings) }}">{{ Underpin\Say::list(array_keys($gaps), 3) ?: 'nothing' }}</td>@endif
            </tr>@endforeach @endforeach</tbody>@endforeach
        </table></section>
        @can('stock', auth()->user()->shop)
        <form class="inline gap" method="post" enctype="multipart/form-data" action="{{ route('shop.sheet.import', 'machine') }}">@csrf
            <div class="field"><label class="label" for="machine-sheet">Bring in a sheet of machines</label><input class="input" type="file" id="machine-sheet" name="file" accept=".csv,.tsv,.txt"><p class="error" data-error="file">@error('file'){{ $message }}@enderror</p></div>
            <button type="submit" class="button">Bring in</button>
            <p class="quiet">The headings are those of the sheet above. A machine of the same name is changed, another is added; each is a step of its history.</p>
        </form>
        @endcan
        <div class="stage-head gap"><h2>Typical loads</h2>@can('stock', auth()->user()->shop)<a class="button" href="{{ route('library.create') }}">Add a load</a>@endcan</div>
        <section class="scroll" tabindex="0" aria-label="Typical loads"><table class="table">
            <thead><tr><th scope="col">Load</th><th scope="col">Also called</th><th scope="col">Kind</th><th scope="col">Mostly</th><th scope="col">Volts</th><th scope="col" class="num">Runs low</th><th scope="col" class="num">usual</th><th scope="col" class="num">high</th><th scope="col" class="num">Starts low</th><th scope="col" class="num">usual</th><th scope="col" class="num">high</th><th scope="col" class="num">pf</th></tr></thead>
            <tbody>@foreach ($loads as $load)<tr><th scope="row"><a href="{{ route('library.edit', $load->id) }}">{{ $load->name }}</a></th><td class="under">{{ $load->words }}</td><td>{{ $load->kind }}</td><td>{{ Underpin\Job\Role::tryFrom($load->role)?->words() }}</td><td class="num">{{ $load->volts }} <small>V</small></td>@foreach (['run_low_w', 'run_usual_w', 'run_high_w', 'start_low_w', 'start_usual_w', 'start_high_w'] as $column)<td class="num">{{ number_format($load->{$column}) }} <small>W</small></td>@endforeach<td class="num">{{ $load->pf }}</td></tr>@endforeach</tbody>
        </table></section>
    </main>
</x-layouts.page>

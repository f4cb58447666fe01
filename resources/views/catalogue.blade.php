<x-layouts.page title="Catalogue"><x-topbar><a class="jobname" href="{{ route('jobs.index') }}">← Jobs</a></x-topbar>
    <main id="page" class="wide" tabindex="-1">
        <div class="stage-head"><h1>Catalogue</h1></div>
        <div class="stage-head gap"><h2>Machines</h2>@can('stock', auth()->user()->shop)<a class="button" href="{{ route('machines.create') }}">Add a machine</a>@endcan</div>
        <div class="scroll" tabindex="0" role="region" aria-label="Table"><table class="table">
            <thead><tr><th>Machine</th><th>Form</th><th>Volts</th><th>Outlet</th><th>Neutral</th><th>Ratings: running, peak</th><th class="num">Price</th></tr></thead>
            <tbody>@foreach ($machines as $machine)<tr><th scope="row"><a href="{{ route('machines.edit', $machine->key) }}">{{ $machine->name }}</a></th><td>{{ $machine->form === 'parallel' ? 'two in parallel' : $machine->form }}</td><td class="num">{{ $machine->volts === 240 ? '120/240' : '120' }} <small>V</small></td><td>{{ $machine->outlet }} <small>{{ $machine->outlet_a }} A</small></td><td>{{ $machine->neutral }}{{ $machine->gfci ? ', GFCI' : '' }}</td><td>@foreach ($machine->ratings as $rating)<div>{{ $rating['fuel'] }} <span class="mono">{{ number_format($rating['run_w']) }}</span>, <span class="mono">{{ number_format($rating['peak_w']) }}</span> <small>W</small></div>@endforeach</td><td class="num"><small>$</small> {{ number_format($machine->price_usd) }}</td></tr>@endforeach</tbody>
        </table></div>
        <div class="stage-head gap"><h2>Typical loads</h2>@can('stock', auth()->user()->shop)<a class="button" href="{{ route('library.create') }}">Add a load</a>@endcan</div>
        <div class="scroll" tabindex="0" role="region" aria-label="Table"><table class="table">
            <thead><tr><th>Load</th><th>Kind</th><th>Volts</th><th class="num">Runs low</th><th class="num">usual</th><th class="num">high</th><th class="num">Starts low</th><th class="num">usual</th><th class="num">high</th><th class="num">pf</th></tr></thead>
            <tbody>@foreach ($loads as $load)<tr><th scope="row"><a href="{{ route('library.edit', $load->id) }}">{{ $load->name }}</a></th><td>{{ $load->kind }}</td><td class="num">{{ $load->volts }} <small>V</small></td>@foreach (['run_low_w', 'run_usual_w', 'run_high_w', 'start_low_w', 'start_usual_w', 'start_high_w'] as $column)<td class="num">{{ number_format($load->{$column}) }} <small>W</small></td>@endforeach<td class="num">{{ $load->pf }}</td></tr>@endforeach</tbody>
        </table></div>
    </main>
</x-layouts.page>

@use('Underpin\Job\Log\LogKind')
@use('Underpin\Say')
@php($items = $care->items())
@php($f = Underpin\Job\Part\LogPart::entry())
<div class="stage-head"><h1>The years after</h1>
    @if ($items !== [])<div class="actions"><a class="button" href="{{ route('jobs.dates', $screen->row->id) }}">Dates for a calendar</a><a class="button" href="{{ route('jobs.log.csv', $screen->row->id) }}">Log as CSV</a></div>@endif</div>
@if ($items === [])
    <div class="blank"><h2>No machine yet</h2><p>What must be kept follows from the machine and its switches.</p><a class="button is-primary" href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Pick a machine</a></div>
@else
@php($overdue = array_values(array_filter($items, fn ($item) => $care->isKept() && $item->isOverdue($today))))
<section class="sheet" id="due"><h2>Due <small>{{ $care->isKept() ? 'by the log, else from the hand-over' : 'planned from today: the day of the hand-over is not noted' }}; the manual comes first</small></h2>
    @if ($overdue !== [])<div class="notice"><b>{{ Say::count(count($overdue), 'thing') }} overdue:</b> {{ Say::list(array_map(fn ($item) => lcfirst($item->title), $overdue), 6) }}.</div>@endif
    @if ($care->firstOilYear() !== null)<p class="lead">By the weekly exercise of {{ Say::figure($care->exerciseMin()) }} min alone, the first oil change would fall in <b>{{ $care->firstOilYear() }}</b>. It is changed by the calendar too, and a test under load is due twice a year: a start without load proves nothing about the storm.</p>@endif
    <section class="scroll" tabindex="0" aria-label="What is due"><table class="table is-stacking due-table">
        <thead><tr><th scope="col">Due</th><th scope="col">What</th><th scope="col">Of</th><th scope="col">Last</th><th scope="col">Comes round</th><th scope="col" class="num">Hours left</th></tr></thead>
        <tbody>@foreach ($items as $item)
            <tr><td class="mono" data-label="Due">@if ($item->dueOn === null){{ $item->everyH === null ? 'not known' : 'by its hours' }} @elseif ($care->isKept() && $item->isOverdue($today))<b class="late">{{ $item->dueOn }}, overdue</b>@else{{ $item->dueOn }}@endif</td>
                <th scope="row">{{ $item->title }} <small>{{ $item->why }}</small></th><td data-label="Of">{{ $item->of }}</td><td class="mono" data-label="Last">{{ $item->lastOn ?: 'never noted' }}</td>
                <td data-label="Comes round">{{ implode(' or ', array_filter([$item->everyH === null ? '' : 'every '.Say::figure($item->everyH).' h', $item->everyMonths === null ? '' : 'every '.Say::count($item->everyMonths, 'month')])) ?: 'once' }}</td>
                <td class="num" data-label="Hours left">{{ $item->hoursLeft === null ? '' : Say::figure($item->hoursLeft).' h' }}</td></tr>
        @endforeach</tbody>
    </table></section>
    @if ($care->hours->latest() !== null)<p class="quiet">The hour meter showed {{ Say::figure($care->hours->latest()) }} h last; about {{ Say::figure($care->hours->ratePerDay * 365) }} h a year.</p>@endif
</section>
<section class="sheet" id="log"><h2>Log <small>{{ $screen->design()->supply()?->machine->name }}</small></h2>
    <form id="entry-form" class="sheet-form" method="post" action="{{ route('jobs.log.entry', $screen->row->id) }}" data-parts>@csrf @method('PUT')
        <div class="fields"><x-pick :of="$f->field('kind')" id="e-kind"/><x-field :of="$f->field('on')" id="e-on" type="date" :value="$today"/><x-field :of="$f->field('hours')" id="e-hours"/>
            <div data-for="battery battery_replaced start exercise loaded_test outage"><x-field :of="$f->field('volts')" id="e-volts"/></div><div data-for="fuel outage"><x-field :of="$f->field('gal')" id="e-gal"/></div><div data-for="loaded_test outage"><x-field :of="$f->field('load_pct')" id="e-load"/></div></div>
        <x-field :of="$f->field('note')" id="e-note"/>
        <button type="submit" class="button is-primary">Write it in</button>
    </form>
    @if ($entries === [])
        <p class="quiet">Nothing written yet. The first line may be the hours of the day it was handed over.</p>
    @else
    <section class="scroll" tabindex="0" aria-label="Log"><table class="table is-stacking log-table">
        <thead><tr><th scope="col">Day</th><th scope="col">What</th><th scope="col" class="num">Hour meter</th><th scope="col" class="num">Battery</th><th scope="col" class="num">Fuel in</th><th scope="col" class="num">Load</th><th scope="col">Note</th><th scope="col">By</th><th scope="col"><span class="sr">Take out</span></th></tr></thead>
        <tbody>@foreach ($entries as $entry)
            <tr class="{{ in_array($entry->kind, [LogKind::Fault, LogKind::ExerciseMissed], true) ? 'is-fault' : '' }}"><td class="mono" data-label="Day">{{ $entry->on }}</td><th scope="row">{{ ucfirst($entry->kind->words()) }}</th><td class="num" data-label="Hour meter">{{ $entry->hours === null ? '' : Say::figure($entry->hours) }}</td><td class="num" data-label="Battery">{{ $entry->volts === null ? '' : Say::figure($entry->volts).' V' }}</td><td class="num" data-label="Fuel in">{{ $entry->gal === null ? '' : Say::figure($entry->gal).' gal' }}</td><td class="num" data-label="Load">{{ $entry->loadPct === null ? '' : Say::figure($entry->loadPct).' %' }}</td><td data-label="Note">{{ $entry->note }}</td><td data-label="By">{{ $entry->by }}</td>
                <td><form method="post" id="x-{{ $entry->id }}" action="{{ route('jobs.log.entry.remove', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $entry->id }}"><button type="submit" class="button is-quiet" aria-label="Take out: {{ $entry->on }} {{ $entry->kind->words() }}">Take out</button></form></td></tr>
        @endforeach</tbody>
    </table></section>
    @if ($all > count($entries))<p><a class="button" href="?all=1">All {{ $all }} lines</a></p>@endif
    @endif
    <details class="by-hand"><summary>Bring a log in, or let the controller report</summary>
        @if (session('not-taken'))<ul class="error">@foreach (session('not-taken') as $fault)<li>{{ $fault }}</li>@endforeach</ul>@endif
        <form id="log-import" method="post" action="{{ route('jobs.log.import', $screen->row->id) }}" enctype="multipart/form-data">@csrf
            <label class="label" for="log-file">Sheet <span class="hint">columns on, kind, hours, volts, gal, load_pct, note, by; kinds: {{ Underpin\Keep\LogSheet::kinds() }}</span></label>
            <input class="input" id="log-file" type="file" name="file" accept=".csv,text/csv" required>@error('file')<p class="error">{{ $message }}</p>@enderror
            <button type="submit" class="button">Bring in</button></form>
        <form id="report-form" class="inline" method="post" action="{{ route('jobs.log.report', $screen->row->id) }}" data-parts>@csrf
            <x-pick :of="(new App\Http\Requests\Keep\ReportRequest)->form()->field('kind')" id="report-kind"/><button type="submit" class="button">Let the stand-in controller report it</button>
            <p>It writes the log and a mail, as a real controller would.</p></form>
    </details>
</section>
@foreach ($trends as $name => $trend)
@php($s = Underpin\Job\Part\LogPart::service())
<section class="sheet" id="switch-{{ Illuminate\Support\Str::slug($name) }}"><h2>{{ $name }} <small>yearly, by a qualified person</small> @if ($trend->services !== [])<span class="badge wear" data-wear="{{ $trend->wear()->value }}">{{ $trend->wear()->words() }}</span>@endif</h2>
    @foreach ($trend->words() as $said)<p class="{{ $loop->first && $trend->wear()->value >= 2 ? 'notice' : '' }}">{{ $said }}</p>@endforeach
    @if (count($trend->services) > 1)<figure class="trend" tabindex="0" role="group" aria-label="Contact resistance over the years; the same in the table below it"><x-drawing :drawing="Underpin\Keep\TrendDrawing::of($trend, $name)"/></figure>@endif
    @if ($trend->services !== [])
    <section class="scroll" tabindex="0" aria-label="Services of {{ $name }}"><table class="table is-stacking">
        <thead><tr><th scope="col">Day</th><th scope="col" class="num">At</th><th scope="col" class="num">Pole A</th><th scope="col" class="num">Pole B</th><th scope="col" class="num">Contact A</th><th scope="col" class="num">Contact B</th><th scope="col">Says</th><th scope="col">By, note</th><th scope="col"><span class="sr">Take out</span></th></tr></thead>
        <tbody>@foreach (array_reverse($trend->services) as $service)
            <tr><th scope="row" class="mono">{{ $service->on }}</th><td class="num" data-label="At">{{ Say::amps($service->amps) }}</td>
                @foreach (['a' => $service->a, 'b' => $service->b] as $pole)<td class="num" data-label="Pole">{{ $pole->mv === null ? '' : Say::figure($pole->mv).' mV' }} <small>{{ $pole->mv === null ? '' : Say::figure($service->microhms($pole)).' µΩ' }}</small></td>@endforeach
                @foreach ([$service->a, $service->b] as $pole)<td class="num" data-label="Contact">{{ $pole->tempC === null ? '' : Say::figure($pole->tempC).' °C' }}</td>@endforeach
                <td data-label="Says"><span class="badge wear" data-wear="{{ $trend->wearAt($service)->value }}">{{ $trend->wearAt($service)->words() }}</span></td><td data-label="By, note">{{ $service->by }} {{ $service->note }}</td>
                <td><form method="post" id="s-{{ $service->id }}" action="{{ route('jobs.log.service.remove', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $service->id }}"><button type="submit" class="button is-quiet" aria-label="Take out: {{ $service->on }}">Take out</button></form></td></tr>
        @endforeach</tbody>
    </table></section>
    @endif
    <details class="by-hand"><summary>Note a service</summary>
        <p class="caution">Readings under load are energized work: permit and protection of NFPA 70E, by a qualified person. Then everything is locked out and proven dead: brush and vacuum, never compressed air; contacts, mechanism, arcing marks, lubrication, torque marks. Thrown by hand before it is energized again; everything back in its position.</p>
        @php($slug = Illuminate\Support\Str::slug($name))
        <form id="service-{{ $slug }}" class="sheet-form" method="post" action="{{ route('jobs.log.service', $screen->row->id) }}" data-parts>@csrf @method('PUT')<input type="hidden" name="switch" value="{{ $name }}">
            <div class="fields"><x-field :of="$s->field('on')" :id="'s-on-'.$slug" type="date" :value="$today"/><x-field :of="$s->field('amps')" :id="'s-amps-'.$slug"/><x-field :of="$s->field('a_mv')" :id="'s-amv-'.$slug"/><x-field :of="$s->field('b_mv')" :id="'s-bmv-'.$slug"/></div>
            <div class="fields"><x-field :of="$s->field('a_c')" :id="'s-ac-'.$slug"/><x-field :of="$s->field('b_c')" :id="'s-bc-'.$slug"/><x-field :of="$s->field('ambient_c')" :id="'s-amb-'.$slug"/><x-field :of="$s->field('note')" :id="'s-note-'.$slug"/></div>
            <button type="submit" class="button">Note the service</button></form>
    </details>
</section>
@endforeach
@endif

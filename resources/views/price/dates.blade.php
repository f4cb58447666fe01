@use('Underpin\Measure\Interval\CivilDay')
@php($f = Underpin\Job\Part\AgreedPart::step())
@php($day = fn (?int $number) => $number === null ? 'not known' : CivilDay::iso($number))
<section class="sheet" id="dates" tabindex="-1"><h2>Dates <small>what must be asked and ordered by when, and which one decides</small></h2>
@if ($schedule->steps === [])
    <p class="quiet">The steps follow from the machine and the way of connecting.</p>
@else
    <form class="inline" id="day-form" method="post" action="{{ route('jobs.install-day', $screen->row->id) }}" data-parts data-autosave>@csrf @method('PUT')<x-was :values="['install_on' => $screen->job->agreed->installOn ?: null]"/>
        <x-field :of="Underpin\Job\Part\AgreedPart::form()->field('install_on')" id="day-of-work" type="date" :value="$screen->job->agreed->installOn"/><noscript><button type="submit" class="button">Save</button></noscript>
    </form>
    @php($deciding = array_map(fn ($p) => lcfirst($p->step->ask), array_filter($schedule->deciding(), fn ($p) => $p->step->key !== 'hand-over')))
    @php($unknown = Underpin\Say::list(array_map(fn ($p) => lcfirst($p->step->ask), $schedule->unknown()), 6))
    @php($handOver = $schedule->find('hand-over'))
    @php($work = $schedule->find(Underpin\Schedule\Steps::INSTALL))
    @if ($handOver?->isDone())<p><b>Handed over on {{ $day($handOver->end) }}.</b></p>
    @elseif ($work?->isDone())<p><b>The work was done on {{ $day($work->end) }}.</b>@if ($deciding !== []) Before it is handed over: {{ Underpin\Say::list(array_values($deciding), 5) }}.@endif</p>
    @elseif ($schedule->soonestWork() === null)<div class="notice"><b>No day can be named yet.</b> Nobody has said how long this takes: {{ $unknown }}. Note it in the table below.</div>
    @elseif ($schedule->lateBy() > 0)<div class="notice"><b>The agreed day cannot be kept:</b> what the work waits for is there {{ Underpin\Say::count($schedule->lateBy(), 'day') }} later.@if ($deciding !== []) What decides: {{ Underpin\Say::list(array_values($deciding), 5) }}.@endif</div>
    @else<p><b>The work can begin on {{ $day($schedule->soonestWork()) }}.</b>@if ($deciding !== []) What decides: {{ Underpin\Say::list(array_values($deciding), 5) }}.@endif</p>@endif
    @if ($schedule->soonestWork() !== null && $unknown !== '')<p class="quiet">When all is done is not known: nobody has said how long this takes: {{ $unknown }}.</p>@endif
    @if ($schedule->behind() !== [])<div class="notice"><b>Not noted, though what waits for it is done:</b> {{ Underpin\Say::list(array_map(fn ($p) => lcfirst($p->step->ask), $schedule->behind()), 6) }}. Note the days below; what was never asked is still to be asked.</div>@endif
    @php($drawing = Underpin\Schedule\ScheduleDrawing::of($schedule))
    <figure class="course" tabindex="0" role="group" aria-label="{{ $drawing->title }}; the same in the table below it"><x-drawing :drawing="$drawing"/></figure>
    <section class="scroll" tabindex="0" aria-label="Steps"><table class="table course-table is-stacking">
        <thead><tr><th scope="col">Step</th><th scope="col">{{ $f->field('days')->label }} <small>days</small></th><th scope="col">{{ $f->field('begun_on')->label }}</th><th scope="col">{{ $f->field('done_on')->label }}</th><th scope="col">Begin by</th><th scope="col">Soonest done</th><th scope="col">May slip</th></tr></thead>
        <tbody>@foreach ($schedule->steps as $planned)
            @php($step = $planned->step)
            @php($note = $screen->job->agreed->step($step->key))
            <tr><th scope="row">{{ $planned->isDone() ? $step->done : $step->ask }}@if ($step->why) <small>{{ $step->why }}</small>@endif
                    <form id="step-{{ $step->key }}" method="post" action="{{ route('jobs.step', $screen->row->id) }}" data-parts data-autosave>@csrf @method('PUT')<input type="hidden" name="id" value="{{ $step->key }}"><x-was :values="Underpin\Job\Part\AgreedPart::writeStep($note)"/>@foreach (['days', 'begun_on', 'done_on'] as $name)<p class="error" data-error="{{ $name }}"></p>@endforeach<noscript><button type="submit" class="button">Save</button></noscript></form></th>
                @foreach (['days' => $note->days, 'begun_on' => $note->begunOn, 'done_on' => $note->doneOn] as $name => $value)
                <td data-label="{{ $f->field($name)->label }}"><input class="input {{ $name === 'days' ? 'num' : '' }}" form="step-{{ $step->key }}" name="{{ $name }}" type="{{ $name === 'days' ? 'text' : 'date' }}" value="{{ $value }}" @if ($name === 'days') inputmode="numeric" size="4" placeholder="{{ $step->days }}" @endif autocomplete="off" aria-label="{{ $f->field($name)->label }}, {{ lcfirst($step->ask) }}">@if ($value === '' && $name === 'begun_on' && $step->begunOn !== '')<small class="mono">{{ $step->begunOn }}</small>@endif @if ($value === '' && $name === 'done_on' && $step->doneOn !== '')<small class="mono">{{ $step->doneOn }}</small>@endif</td>
                @endforeach
                <td class="mono" data-label="Begin by">@if ($planned->latest !== null)<span class="{{ $planned->isLate($schedule->today) ? 'late' : '' }}">{{ $day($planned->latest) }}{{ $planned->isLate($schedule->today) ? ', late' : '' }}</span>@endif</td>
                <td class="mono" data-label="Soonest done">{{ $planned->isDone() ? 'done' : ($planned->isBehind ? 'not noted' : $day($planned->end)) }}</td>
                <td data-label="May slip">{{ $planned->isDone() ? '' : $planned->slip() }}</td></tr>
        @endforeach</tbody>
    </table></section>
@endif
@php($dates = Underpin\Keep\JobDates::of($screen->design(), $today))
@if ($dates !== [])
    <h3>And in the years after <small>counted from today, as long as nothing else is noted; the manual comes first</small></h3>
    <section class="scroll" tabindex="0" aria-label="Services due"><table class="table">
        <thead><tr><th scope="col">Day</th><th scope="col">What</th><th scope="col">Comes round</th><th scope="col">Why</th></tr></thead>
        <tbody>@foreach ($dates as $date)<tr><td class="mono">{{ $date->on }}</td><th scope="row">{{ $date->title }}</th><td>{{ $date->everyMonths === null ? 'once' : 'every '.Underpin\Say::count($date->everyMonths, 'month') }}</td><td>{{ $date->why }}</td></tr>@endforeach</tbody>
    </table></section>
    <p class="files"><a class="button" href="{{ route('jobs.dates', $screen->row->id) }}">Dates for a calendar</a> <a class="button is-quiet" href="{{ route('account') }}#calendar">A feed of all jobs</a></p>
@endif
</section>

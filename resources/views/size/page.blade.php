@php($row = $screen->row)
<div class="stage-head">
    <h1>Which machine holds</h1>
    <x-next :screen="$screen"/>
</div>
<div class="stage-head">
    <nav class="chips" aria-label="Fuel">
        <a href="{{ route('jobs.stage', [$row->id, 'size']) }}" @if ($size->fuel === null) aria-current="true" @endif>every fuel</a>
        @foreach (Underpin\Job\Fuel::cases() as $fuel)
            <a href="{{ route('jobs.stage', [$row->id, 'size', 'only' => $fuel->value]) }}" @if ($size->fuel === $fuel) aria-current="true" @endif>{{ $fuel->value }}</a>
        @endforeach
    </nav>
</div>
@php($f = (new App\Http\Requests\Size\MarginRequest)->form())
<form id="margin-form" class="inline" method="post" action="{{ route('jobs.margin', $row->id) }}" data-parts data-autosave>
    @csrf @method('PUT')
    <x-was :values="['margin_pct' => $screen->job->generator->marginPct]"/>
    <x-field :of="$f->field('margin_pct')" id="margin" :value="Underpin\Csv\Number::write($screen->job->generator->marginPct)"/>
    <button class="button">Judge again</button>
    <p class="quiet">Running watts decide what it carries for hours; the advertised peak is gone after seconds.</p>
</form>
<x-findings :screen="$screen" :edition="$screen->job->authority->rules->edition" :findings="$screen->findings()"/>
@if ($size->fits === [])
    <div class="blank"><h2>No machine here</h2><p>No machine in the catalogue burns {{ $size->fuel?->value ?? 'any fuel' }}.</p></div>
@endif
<ol class="machines">
    @foreach ($size->fits as $i => $fit)
        @php($machine = $fit->supply->machine)
        @php($picked = $size->isPicked($fit, $screen))
        <li class="machine {{ $picked ? 'is-picked' : '' }}" data-verdict="{{ $fit->verdict->tone() }}">
            <div class="machine-head">
                <h2>{{ $machine->name }} <small>on {{ $fit->supply->fuel->value }}</small></h2>
                <p class="verdict" data-tone="{{ $fit->verdict->tone() }}"><b>{{ $fit->headline() }}</b></p>
            </div>
            <dl class="figures">
                <div><dt>Running{{ $fit->supply->derate->left() < 1 ? ' here' : '' }}</dt><dd>{{ number_format($fit->supply->runW()) }} <i>W</i></dd></div>
                <div><dt>Peak{{ $fit->supply->derate->left() < 1 ? ' here' : '' }}</dt><dd>@if ($fit->supply->rating->peakW === null) not known @else{{ number_format($fit->supply->peakW()) }} <i>W</i>@endif</dd></div>
                @if ($fit->supply->feedsBothLegs())
                    <div><dt>Leg A</dt><dd>{{ number_format($fit->running->aAmps, 1) }} <small>of {{ number_format($fit->supply->runLimitAmps(), 1) }}</small> <i>A</i></dd></div>
                    <div><dt>Leg B</dt><dd>{{ number_format($fit->running->bAmps, 1) }} <small>of {{ number_format($fit->supply->runLimitAmps(), 1) }}</small> <i>A</i></dd></div>
                @else
                    <div><dt>One hot</dt><dd>{{ number_format($fit->running->aAmps, 1) }} <small>of {{ number_format($fit->supply->runLimitAmps(), 1) }}</small> <i>A</i></dd></div>
                @endif
                <div><dt>Worst start</dt><dd>{{ number_format($fit->starting->peakAmps(), 1) }} <small>of {{ number_format($fit->supply->surgeLimitAmps(), 1) }}</small> <i>A</i></dd></div>
                <div><dt>Spare</dt><dd>{{ number_format($fit->sparePct(), 0) }} <i>%</i></dd></div>
                <div><dt>Price</dt><dd>@if ($machine->priceUsd === null) not known @else<i>$</i> {{ number_format($machine->priceUsd) }}@endif</dd></div>
            </dl>
            <form id="pick-{{ $machine->id }}-{{ \Illuminate\Support\Str::slug($fit->supply->fuel->value) }}" method="post" action="{{ route('jobs.machine', ['job' => $row->id, 'only' => $size->fuel?->value]) }}" data-parts>
                @csrf @method('PUT')
                <x-was :values="['machine' => $screen->job->generator->machine?->id, 'fuel' => $screen->job->generator->fuel?->value]"/>
                @if ($picked)
                    <input type="hidden" name="key" value=""><input type="hidden" name="fuel" value=""><button class="button is-picked" aria-pressed="true">Picked <small>take back</small></button>
                @else
                    <input type="hidden" name="key" value="{{ $machine->id }}"><input type="hidden" name="fuel" value="{{ $fit->supply->fuel->value }}">
                    <button class="button {{ $i === 0 ? 'is-primary' : '' }}" aria-pressed="false">Pick this</button>
                @endif
            </form>
            <details @if ($picked || $i < $size::OPEN_ROWS) open @endif>
                <summary>Why</summary>
                <ul>@foreach ($fit->why() as $why)<li>{{ $why }}</li>@endforeach
                    <li>{{ ucfirst($machine->form->words()) }}, {{ $machine->volts === 240 ? '120/240 V' : '120 V' }}, {{ $machine->outlet->value === 'terminals' ? 'own terminals' : 'outlet '.$machine->outlet->value }} {{ $machine->outletAmps }} A, neutral {{ $machine->bond->value ?? 'not known' }}{{ $machine->gfci ? ', GFCI outlet' : '' }}.</li>
                    @php($gaps = Underpin\Job\Machine\MachineGaps::of($machine))
                    @if ($gaps !== [])<li>Not known of it: {{ Underpin\Say::list(array_keys($gaps), 4) }}.</li>@endif
                </ul>
                @if (($picked || $i < $size::OPEN_ROWS) && $fit->plan->must !== [])
                    @php($together = $fit->together())
                    @if ($fit->verdict === Underpin\Sizing\Verdict::Short)
                        <p><b>The best it can run together:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $together->on), 12) ?: 'nothing' }}.
                            @if ($together->waiting !== []) <b>Must wait or take turns:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $together->waiting), 12) }}.@endif</p>
                    @elseif ($fit->plan->room !== [])
                        @php($also = array_filter($together->on, fn ($c) => $c->role === Underpin\Job\Role::Room))
                        <p><b>Room beside what must run:</b> {{ Underpin\Say::list(array_values(array_map(fn ($c) => $c->title(), $also)), 12) ?: 'none' }}.
                            @if ($together->waiting !== []) <b>Take turns:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $together->waiting), 12) }}.@endif
                            @if ($together->unweighed !== []) <b>No figures, so not weighed:</b> {{ Underpin\Say::list(array_map(fn ($c) => $c->title(), $together->unweighed), 6) }}.@endif</p>
                    @endif
                @endif
            </details>
        </li>
    @endforeach
</ol>

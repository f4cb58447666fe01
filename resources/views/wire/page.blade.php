@php($run = $screen->job->wire)
@php($onPlan = $run->along($screen->job->plan))
@php($assembly = $screen->design()->assembly())
@php($cord = $assembly?->conductor(Underpin\Assembly\ConductorKind::Cord)?->drop)
@php($laid = $assembly?->conductor(Underpin\Assembly\ConductorKind::Run)?->drop)
<div class="stage-head"><h1>From the machine to the panel</h1><x-next :screen="$screen"/></div>
@php($f = (new App\Http\Requests\Wire\WireRunRequest)->form())
<form id="wire-form" class="sheet-form" method="post" action="{{ route('jobs.wire', $screen->row->id) }}" data-parts data-autosave>
    @csrf @method('PUT')
    <x-was :of="$f" :values="Underpin\Job\Part\WireRunPart::writeRun($run)"/>
    @php($hasCord = $screen->design()->supply()?->machine->outlet !== Underpin\Job\Outlet::Terminals)
    @php($laying = $run->laying)
    <div class="fields">
        @if ($hasCord)<x-field :of="$f->field('cord_ft')" id="w-cord" :value="Underpin\Csv\Number::write($run->cordFt)" :hint="$run->cordFt === null && $onPlan->cordFt !== null ? Underpin\Say::figure($onPlan->cordFt).' ft by the site plan, with '.Underpin\Say::figure(Underpin\Codebook\CordReach::SLACK_FT).' ft of slack' : null"/>@else<input type="hidden" name="cord_ft" value="{{ Underpin\Csv\Number::write($run->cordFt) }}">@endif
        <x-field :of="$f->field('run_ft')" id="w-run" :value="Underpin\Csv\Number::write($run->runFt)" :hint="$run->runFt === null && $onPlan->runFt !== null ? Underpin\Say::figure($onPlan->runFt).' ft by the site plan' : null"/>
        <x-field :of="$f->field('slack_ft')" id="w-slack" :value="Underpin\Csv\Number::write($laying->slackFt)"/>
        @if ($hasCord)<x-pick :of="$f->field('inlet_a')" id="w-inlet" :value="$run->inletAmps"/>@else<input type="hidden" name="inlet_a" value="{{ $run->inletAmps }}">@endif
    </div>
    <div class="fields">
        <x-pick :of="$f->field('method')" id="w-method" :value="$run->method->value"/>
        <x-pick :of="$f->field('raceway')" id="w-raceway" :value="$laying->raceway?->value"/>
        <x-pick :of="$f->field('trade')" id="w-trade" :value="$laying->trade?->value"/>
        <x-field :of="$f->field('bend_deg')" id="w-bends" :value="Underpin\Csv\Number::write($laying->bendDeg)"/>
    </div>
    <div class="fields">
        <x-pick :of="$f->field('material')" id="w-material" :value="$run->material->value"/>
        <x-pick :of="$f->field('terminal_c')" id="w-terminal" :value="$run->terminalC"/>
        <x-field :of="$f->field('ambient_c')" id="w-ambient" :value="Underpin\Csv\Number::write($run->ambientC)" :hint="Underpin\Say::ambient($run->ambientC).'; the survey\'s hottest day counts where it is higher'"/>
        <x-pick :of="$f->field('wet')" id="w-wet" :value="(int) $run->wet"/>
    </div>
    <details class="more-fields"@if ($laying->isBuried() || $laying->breakerInLb !== null) open @endif><summary>In the ground, and torque from the labels</summary>
        <div class="fields">
            <x-pick :of="$f->field('buried')" id="w-buried" :value="$laying->burial?->value"/>
            <x-field :of="$f->field('cover_in')" id="w-cover" :value="Underpin\Csv\Number::write($laying->coverIn)"/>
            <x-pick :of="$f->field('under_drive')" id="w-drive" :value="$laying->underDrive === null ? '' : (int) $laying->underDrive"/>
        </div>
        <div class="fields">
            <x-field :of="$f->field('torque_breaker_inlb')" id="w-t-breaker" :value="Underpin\Csv\Number::write($laying->breakerInLb)"/>
            <x-field :of="$f->field('torque_neutral_inlb')" id="w-t-neutral" :value="Underpin\Csv\Number::write($laying->neutralInLb)"/>
            <x-field :of="$f->field('torque_ground_inlb')" id="w-t-ground" :value="Underpin\Csv\Number::write($laying->groundInLb)"/>
            <x-field :of="$f->field('torque_inlet_inlb')" id="w-t-inlet" :value="Underpin\Csv\Number::write($laying->inletInLb)"/>
        </div>
    </details>
    <button type="submit" class="button is-primary">Work it out</button>
</form>
<x-findings :screen="$screen" :edition="$screen->job->authority->rules->edition" :findings="$screen->findings()"/>
@if ($assembly === null)
    <div class="blank">
        <h2>{{ $screen->design()->assemblyRefused() ? 'Nothing in the tables fits' : 'First a machine and a way' }}</h2>
        <p>The outlet, the cord and the conductors follow from the machine and from how it connects.</p>
        @if ($screen->design()->supply() === null)<a class="button is-primary" href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Pick a machine</a>@elseif ($screen->design()->way() === null)<a class="button is-primary" href="{{ route('jobs.stage', [$screen->row->id, 'connect']) }}">Pick a way</a>@endif
    </div>
@else
    <p class="jump">On this page: <a href="#one-line">one-line</a> <a href="#wire-table">parts and rules</a> <a href="#hook-up">hook-up</a>@if ($assembly->toMeasure() !== []) <a href="#lengths">lengths</a>@endif @if ($hasCord) <a href="#plug-faces">plugs</a>@endif <a href="#labels">labels</a></p>
    <x-drawn :screen="$screen" kind="one-line"/>
    <h2 id="wire-table" tabindex="-1">Parts and rules</h2>
    <section class="scroll" tabindex="0" aria-label="Parts and rules"><table class="table wire-table">
        <thead><tr><th scope="col">Part</th><th scope="col">Pick</th><th scope="col">Why</th><th scope="col">Rule</th></tr></thead>
        <tbody>@foreach ($assembly->rows() as $row)<tr @if ($row->isFirst)id="graph-{{ $row->part }}" tabindex="-1" @endif><th scope="row">{{ $row->line->part }}</th><td class="pick">{{ $row->line->pick }}</td><td>{{ $row->line->why }}</td><td><cite>{{ $row->line->source->words($screen->job->authority->rules->edition) }}</cite></td></tr>@endforeach</tbody>
    </table></section>
    @include('wire.lengths')
    <dl class="figures drop">
        @if ($cord)<div><dt>Cord loses</dt><dd>{{ number_format($cord->dropV, 2) }} <i>V</i></dd></div>@endif
        @if ($laid)<div><dt>Run loses</dt><dd>{{ number_format($laid->dropV, 2) }} <i>V</i></dd></div>@endif
        @if ($assembly->dropPct() !== null)
            <div><dt>Together</dt><dd>{{ number_format($assembly->dropPct(), 2) }} <small>of 3</small> <i>%</i></dd></div>
            <div><dt>Arrives</dt><dd>{{ number_format($assembly->endV(), 1) }} <small>of {{ number_format($assembly->volts()) }}</small> <i>V</i></dd></div>
        @endif
    </dl>
    <p class="quiet">Voltage drop at {{ $screen->design()->supply()->machine->outletAmps }} A, the most that {{ $screen->design()->supply()->machine->form->isStandby() ? 'its breaker' : 'the outlet' }} passes. {{ Underpin\Codebook\Source::nec('Chapter 9 Table 8')->words($screen->job->authority->rules->edition) }}; 3 % is a recommendation (210.19, 215.2, informational notes).</p>
    @foreach (['hook-up', 'plug-faces', 'labels'] as $key)
        <x-drawn :screen="$screen" :kind="$key"/>
    @endforeach
@endif
<p class="caution">Work in a panel with the main off still leaves the lugs ahead of it live. Prove dead before touching: line to line, each line to neutral, each line to ground. Local rules and the authority decide.</p>

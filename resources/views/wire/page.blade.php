@php($run = $screen->job->wire)
@php($assembly = $screen->design()->assembly())
@php($cord = $assembly?->conductor(Underpin\Assembly\ConductorKind::Cord)?->drop)
@php($laid = $assembly?->conductor(Underpin\Assembly\ConductorKind::Run)?->drop)
<div class="stage-head"><h1>From the machine to the panel</h1><x-next :screen="$screen"/></div>
<form id="wire-form" class="sheet-form" method="post" action="{{ route('jobs.wire', $screen->row->id) }}" data-parts data-autosave>
    @csrf @method('PUT')
    <x-was :values="['cord_ft' => $run->cordFt, 'run_ft' => $run->runFt, 'inlet_a' => $run->inletAmps, 'wire_method' => $run->method->value, 'wire_material' => $run->material->value, 'terminal_c' => $run->terminalC, 'ambient_c' => $run->ambientC, 'wet' => $run->wet]"/>
    <div class="fields">
        <x-field id="w-cord" name="cord_ft" label="Cord with slack" unit="ft" :value="Underpin\Csv\Number::write($run->cordFt)"/>
        <x-field id="w-run" name="run_ft" label="Run to the panel" unit="ft" :value="Underpin\Csv\Number::write($run->runFt)"/>
        <x-pick id="w-inlet" name="inlet_a" label="Inlet" :options="['' => 'as the outlet', 20 => '20 A', 30 => '30 A', 50 => '50 A']" :value="$run->inletAmps"/>
        <x-pick id="w-method" name="method" label="Laid as" :options="['conduit' => 'THWN-2 in conduit', 'NM' => 'NM cable']" :value="$run->method->value"/>
    </div>
    <div class="fields">
        <x-pick id="w-material" name="material" label="Conductor" :options="['cu' => 'copper', 'al' => 'aluminum']" :value="$run->material->value"/>
        <x-pick id="w-terminal" name="terminal_c" label="Terminals" :options="[60 => '60 °C', 75 => '75 °C']" :value="$run->terminalC"/>
        <x-field id="w-ambient" name="ambient_c" label="Hottest ambient" unit="°C" :value="Underpin\Csv\Number::write($run->ambientC)"/>
        <x-pick id="w-wet" name="wet" label="Wet place on the way" :options="[0 => 'no', 1 => 'yes']" :value="(int) $run->wet"/>
    </div>
    <button class="button is-primary">Work it out</button>
</form>
<x-findings :findings="$screen->findings()"/>
@if ($assembly === null)
    <div class="blank">
        <h2>{{ $screen->design()->assemblyRefused() ? 'Nothing in the tables fits' : 'First a machine and a way' }}</h2>
        <p>The outlet, the cord and the conductors follow from the machine and from how it connects.</p>
        @if ($screen->design()->supply() === null)<a class="button is-primary" href="{{ $screen->links->to(Underpin\StageKey::Size) }}">Pick a machine</a>@elseif ($screen->design()->way() === null)<a class="button is-primary" href="{{ route('jobs.stage', [$screen->row->id, 'connect']) }}">Pick a way</a>@endif
    </div>
@else
    <div class="scroll" tabindex="0" role="region" aria-label="Table"><table class="table wire-table">
        <thead><tr><th>Part</th><th>Pick</th><th>Why</th><th>Rule</th></tr></thead>
        <tbody>@foreach ($assembly->lines() as $line)<tr><th scope="row">{{ $line->part }}</th><td class="pick">{{ $line->pick }}</td><td>{{ $line->why }}</td><td><cite>{{ $line->source->words() }}</cite></td></tr>@endforeach</tbody>
    </table></div>
    <dl class="figures drop">
        @if ($cord)<div><dt>Cord loses</dt><dd>{{ number_format($cord->dropV, 2) }} <i>V</i></dd></div>@endif
        @if ($laid)<div><dt>Run loses</dt><dd>{{ number_format($laid->dropV, 2) }} <i>V</i></dd></div>@endif
        @if ($assembly->dropPct() !== null)
            <div><dt>Together</dt><dd>{{ number_format($assembly->dropPct(), 2) }} <small>of 3</small> <i>%</i></dd></div>
            <div><dt>Arrives</dt><dd>{{ number_format($assembly->endV(), 1) }} <small>of {{ number_format($assembly->volts()) }}</small> <i>V</i></dd></div>
        @endif
    </dl>
    <p class="quiet">Voltage drop at {{ $screen->design()->supply()->machine->outletAmps }} A, the most the outlet passes. NEC 2023 Chapter 9 Table 8; 3 % is a recommendation (210.19, 215.2, informational notes).</p>
@endif
<p class="caution">Work in a panel with the main off still leaves the lugs ahead of it live. Prove dead before touching: line to line, each line to neutral, each line to ground. Local rules and the authority decide.</p>

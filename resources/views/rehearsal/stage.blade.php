@use('Underpin\Rehearsal\Arrangement')
@use('Underpin\Say')
@php($r = $played->rehearsal)
@php($s = $played->state)
@php($house = $r->house)
@php($fed = $r->fed($s))
@php($onUtility = $r->onUtility($s))
@php($way = $house->arrangement)
@php($live = fn (string $id) => in_array($id, $fed, true) ? 'generator' : (in_array($id, $onUtility, true) ? 'utility' : 'dark'))
@php($layout = $house->way->layout($house->design->situation()))
<div class="rehearsal-grid" data-over="{{ $s->isOver ? 1 : 0 }}" data-seconds="{{ $s->s }}" data-mistakes="{{ $s->mistakes() }}">
<section class="reh-panel" aria-label="The panel"><h2>{{ $way === Arrangement::Cords ? 'The appliances' : ($way === Arrangement::Places ? 'The transfer switch' : 'The panel') }} <small>{{ $s->utility ? 'the utility is there' : 'no utility' }}</small></h2>
    @if ($house->hasPlate())
    <div class="reh-main"><button type="button" class="reh-handle" data-handle="main" aria-pressed="{{ $s->main ? 'true' : 'false' }}"><b>Main</b><span class="reh-switch" aria-hidden="true"></span><small>{{ $s->main ? 'on' : 'off' }}</small></button>
        <button type="button" class="reh-plate" data-handle="plate" data-at="{{ $s->plateFreesGenerator ? 'main' : 'generator' }}"><span class="reh-plate-mark" aria-hidden="true"></span>Plate: {{ $s->plateFreesGenerator ? 'over the main, generator breaker free' : 'over the generator breaker, main free' }}</button>
        <button type="button" class="reh-handle" data-handle="generator" aria-pressed="{{ $s->generator ? 'true' : 'false' }}"><b>Generator breaker</b><span class="reh-switch" aria-hidden="true"></span><small>{{ $s->generator ? 'on' : 'off' }}</small></button></div>
    @elseif ($way === Arrangement::Lever || $way === Arrangement::Automatic)
    <div class="segmented reh-lever" role="group" aria-label="Transfer switch">@foreach (['utility', 'off', 'generator'] as $position)<button type="button" data-handle="lever {{ $position }}" aria-pressed="{{ $s->lever === $position ? 'true' : 'false' }}">{{ ucfirst($position) }}</button>@endforeach</div>
    @endif
    <div class="reh-breakers">@foreach ($house->circuits as $circuit)
        @php($places = $layout?->placesOf($circuit) ?? [])
        @if ($layout === null && $circuit->inPanel !== '' && $circuit->inPanel !== ($inPanel ?? ''))@php($inPanel = $circuit->inPanel)<h3 class="reh-of">{{ $inPanel }}</h3>@endif
        <button type="button" class="reh-handle" data-handle="circuit {{ $circuit->id }}" data-live="{{ $live($circuit->id) }}" data-role="{{ $circuit->role->value }}" aria-pressed="{{ ($s->on[$circuit->id] ?? false) ? 'true' : 'false' }}"><b class="mono">{{ $way === Arrangement::Places && $places !== [] ? implode('–', $places) : $circuit->label() }}</b><span class="reh-name">{{ $circuit->name }}</span><span class="reh-switch" aria-hidden="true"></span><small>{{ $way === Arrangement::Places ? (($s->on[$circuit->id] ?? false) ? 'generator' : 'utility') : (($s->on[$circuit->id] ?? false) ? 'on' : 'off') }}{{ $live($circuit->id) === 'dark' ? '' : ', runs' }}</small></button>
    @endforeach</div>
</section>
<section class="reh-outside" aria-label="Outside"><h2>{{ $house->isPortable() ? 'Outside' : 'The machine' }} <small>{{ $house->supply->machine->name }}</small></h2>
    <div class="reh-list">
    @if ($house->isPortable() && $house->hasEngine())
        <div class="segmented reh-two" role="group" aria-label="Where it runs"><button type="button" data-handle="spot outdoors" aria-pressed="{{ $s->spot === 'outdoors' ? 'true' : 'false' }}">Outdoors, at its place</button><button type="button" data-handle="spot window" aria-pressed="{{ $s->spot === 'window' ? 'true' : 'false' }}">Under a window</button><button type="button" data-handle="spot garage" aria-pressed="{{ $s->spot === 'garage' ? 'true' : 'false' }}">In the garage</button></div>
    @endif
    @if ($house->hasValve())
        @foreach (['valve' => ['Fuel valve', $s->valve, 'open', 'closed'], 'choke' => ['Choke', $s->choke, 'out', 'in'], 'idle' => ['Idle mode', $s->idle, 'on', 'off']] as $handle => [$name, $is, $yes, $no])
        <button type="button" class="reh-handle" data-handle="{{ $handle }}" aria-pressed="{{ $is ? 'true' : 'false' }}"><b>{{ $name }}</b><span class="reh-switch" aria-hidden="true"></span><small>{{ $is ? $yes : $no }}</small></button>
        @endforeach
    @endif
        <button type="button" class="reh-handle reh-start" data-handle="engine" aria-pressed="{{ $s->isRunning() ? 'true' : 'false' }}"><b>{{ $house->hasEngine() ? 'Engine' : 'Outlets' }}</b><span class="reh-switch" aria-hidden="true"></span><small>{{ ! $s->isRunning() ? 'stands still' : ($house->hasEngine() && $s->ranS() < Underpin\Rehearsal\Reaction::WARM_S ? 'cold, runs '.Say::seconds(max(1, $s->ranS())) : 'warm') }}</small></button>
    @if ($house->hasCord())
        @unless ($house->cordStays())<button type="button" class="reh-handle" data-handle="cord-inlet" aria-pressed="{{ $s->cordAtInlet ? 'true' : 'false' }}"><b>Cord at {{ $house->inletWords() }}</b><span class="reh-switch" aria-hidden="true"></span><small>{{ $s->cordAtInlet ? 'turned' : 'out' }}</small></button>@endunless
        <button type="button" class="reh-handle" data-handle="cord-machine" aria-pressed="{{ $s->cordAtMachine ? 'true' : 'false' }}"><b>Cord at the machine</b><span class="reh-switch" aria-hidden="true"></span><small>{{ $s->cordAtMachine ? 'turned' : 'out' }}</small></button>
    @endif
    @if ($house->hasValve())<button type="button" class="button" data-handle="refuel">Refuel</button>@endif
        <button type="button" class="button" data-handle="wait 1">Wait a minute</button><button type="button" class="button" data-handle="wait 5">Wait 5 minutes</button>
        @if ($s->ran && ! $s->utility)<button type="button" class="button is-primary" data-handle="utility-back">Hours later: the utility is back</button>@endif
    </div>
</section>
<section class="reh-said" aria-label="What happened"><h2>What the engine feels</h2>
    <figure class="reh-engine" aria-label="What the engine feels: {{ Say::amps($house->legs($fed)->aAmps) }} on leg A, {{ Say::amps($house->legs($fed)->bAmps) }} on leg B"><x-drawing :drawing="Underpin\Rehearsal\EngineDrawing::of($r, $s)"/></figure>
    <p class="mono reh-volts">{{ $s->isRunning() ? Say::volts($r->volts($s)).' on a leg'.($s->dipPct > 0 ? ', fell by '.Say::pct($s->dipPct).' at the last start' : '') : '0 V' }}</p>
    <h2>What happened <small>{{ Say::count($s->mistakes(), 'mistake') }}</small></h2>
    <ol reversed aria-live="polite">@foreach (array_reverse($s->happenings) as $happening)<li class="{{ $happening->isMistake ? 'is-mistake' : '' }}"><span class="mono">{{ intdiv($happening->atS, 60) }}:{{ sprintf('%02d', $happening->atS % 60) }}</span> {{ $happening->words }}</li>@endforeach</ol>
    <p class="reh-next" data-next hidden><b>On the card:</b> {{ $r->next($s) }}</p>
    @if ($s->isOver)
    <form class="reh-finish" data-finish-form><p><b>{{ Say::figure(round($s->s / 60, 1)) }} min, {{ Say::count($s->mistakes(), 'mistake') }}.</b> Keep it with your name:</p>
        <label class="label" for="reh-who">Name</label><input class="input" id="reh-who" name="who" maxlength="100" autocomplete="name" required><button type="submit" class="button is-primary">Keep it</button></form>
    @endif
</section>
</div>

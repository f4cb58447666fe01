@php($was = ['space' => $circuit->position->space, 'half' => $circuit->position->half?->value, 'poles' => $circuit->position->poles, 'amps' => $circuit->breakerAmps, 'name' => $circuit->name, 'protection' => $circuit->protection->value, 'note' => $circuit->note, 'keep_on' => $circuit->keepOn, 'receptacle_a' => $circuit->receptacleAmps])
<form id="breaker-form" method="post" action="{{ route('jobs.circuits.update', [$screen->row->id, $circuit->id]) }}" data-parts data-autosave>
    @csrf @method('PATCH')
    <input type="hidden" name="stage" value="survey">
    <x-was :values="$was"/>
    <x-field id="b-name" name="name" label="What it feeds" :value="$circuit->name" maxlength="100"/>
    <div class="fields">
        <x-field id="b-amps" name="amps" label="Breaker" unit="A" :value="$circuit->breakerAmps"/>
        <x-pick id="b-poles" name="poles" label="Poles" :options="[1 => 'one', 2 => 'two']" :value="$circuit->position->poles"/>
    </div>
    <div class="fields">
        <x-field id="b-space" name="space" label="Upper space" :value="$circuit->position->space" inputmode="numeric"/>
        <x-pick id="b-half" name="half" label="Tandem, quad" :options="['' => 'no', 'a' => 'a, upper', 'b' => 'b, lower']" :value="$circuit->position->half?->value"/>
    </div>
    <div class="fields">
        <x-pick id="b-protection" name="protection" label="Protection" :options="['none' => 'none', 'afci' => 'AFCI', 'gfci' => 'GFCI', 'dual' => 'AFCI and GFCI']" :value="$circuit->protection->value"/>
        <x-pick id="b-receptacle" name="receptacle_a" label="Its one receptacle" :options="['' => 'several', 15 => '15 A', 20 => '20 A', 30 => '30 A', 50 => '50 A']" :value="$circuit->receptacleAmps"/>
    </div>
    <x-field id="b-keep" name="keep_on" label="Must not lose power during the work" :value="$circuit->keepOn" maxlength="100" hint="when, and why: weekdays 9 to 5, home office"/>
    <x-field id="b-note" name="note" label="Note" :value="$circuit->note" maxlength="1000"/>
    <button class="button is-primary">Save</button>
</form>
@php($places = $screen->panelOf($circuit)?->placesFor($circuit) ?? [])
<form id="move-form" method="post" action="{{ route('jobs.circuits.move', [$screen->row->id, $circuit->id]) }}" data-parts data-autosave>
    @csrf @method('PATCH')
    <input type="hidden" name="stage" value="survey">
    <x-was :values="['space' => $circuit->position->space]"/>
    @if ($circuit->position->poles === 1 && ($neutral = Underpin\Service\SharedNeutral::beforeMoving($screen->panelOf($circuit)?->hasMultiwire)) !== '')
        <p class="caution"><b>Before it is moved, or put into a tandem:</b> {{ $neutral }}</p>
    @endif
    @if ($places === [])
        <p class="quiet">No other place in this panel is free for it.</p>
    @else
        <x-pick id="m-space" name="space" label="Move it to" title="Alt ↑ ↓" :options="[$circuit->position->space => $circuit->label().', where it is'] + array_combine(array_map(fn ($s) => $s->space, $places), array_map(fn ($s) => $s->label().', '.($s->leg() === $circuit->leg() ? 'same leg' : $s->leg()->words().': its leg changes'), $places))" :value="$circuit->position->space"/>
        <noscript><button class="button">Move</button></noscript>
    @endif
</form>
<form method="post" action="{{ route('jobs.circuits.destroy', [$screen->row->id, $circuit->id]) }}" data-parts class="aside-form">
    @csrf @method('DELETE')<input type="hidden" name="stage" value="survey">
    <button class="button is-quiet">Remove this breaker</button>
</form>
<p><a href="{{ $screen->links->to(Underpin\StageKey::Loads, ['at' => $circuit->id]) }}">What hangs on it →</a></p>

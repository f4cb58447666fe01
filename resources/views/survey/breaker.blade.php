@php($f = (new App\Http\Requests\Survey\BreakerRequest)->form())
<form id="breaker-form" method="post" action="{{ route('jobs.circuits.update', [$screen->row->id, $circuit->id]) }}" data-parts data-autosave>
    @csrf @method('PATCH')
    <input type="hidden" name="stage" value="survey">
    <x-was :of="$f" :values="Underpin\Job\Part\CircuitPart::write($circuit)"/>
    <x-field :of="$f->field('name')" id="b-name" :value="$circuit->name"/>
    <div class="fields">
        <x-field :of="$f->field('amps')" id="b-amps" :value="$circuit->breakerAmps"/>
        <x-pick :of="$f->field('poles')" id="b-poles" :value="$circuit->position->poles"/>
    </div>
    <div class="fields">
        <x-field :of="$f->field('space')" id="b-space" :value="$circuit->position->space" inputmode="numeric"/>
        <x-pick :of="$f->field('half')" id="b-half" :value="$circuit->position->half?->value"/>
    </div>
    <div class="fields">
        <x-pick :of="$f->field('protection')" id="b-protection" :value="$circuit->protection->value"/>
        <x-pick :of="$f->field('receptacle_a')" id="b-receptacle" :options="['' => 'several', 15 => '15 A', 20 => '20 A', 30 => '30 A', 50 => '50 A']" :value="$circuit->receptacleAmps"/>
    </div>
    @if ($circuit->position->poles === 1)
        @php($partner = (new Underpin\Service\Multiwire($screen->job->service->panels))->partnerOf($circuit))
        @php($others = array_filter($screen->panelOf($circuit)->circuits ?? [], fn ($c) => $c !== $circuit && $c->position->poles === 1))
        <x-pick :of="$f->field('shares_neutral_with')" id="b-neutral" :options="['' => $partner && $circuit->sharesNeutralWith === '' ? $partner->title().', as said there' : 'none known'] + array_combine(array_map(fn ($c) => $c->id, $others), array_map(fn ($c) => $c->title().', '.$c->leg()->words(), $others))" :value="$circuit->sharesNeutralWith"/>
    @else
        <input type="hidden" name="shares_neutral_with" value="{{ $circuit->sharesNeutralWith }}">
    @endif
    <x-field :of="$f->field('keep_on')" id="b-keep" :value="$circuit->keepOn" hint="when, and why: weekdays 9 to 5, home office"/>
    <x-field :of="$f->field('note')" id="b-note" :value="$circuit->note"/>
    <button type="submit" class="button is-primary">Save</button>
</form>
@php($places = $screen->panelOf($circuit)?->placesFor($circuit) ?? [])
@php($f = (new App\Http\Requests\Survey\MoveRequest)->form())
<form id="move-form" method="post" action="{{ route('jobs.circuits.move', [$screen->row->id, $circuit->id]) }}" data-parts data-autosave>
    @csrf @method('PATCH')
    <input type="hidden" name="stage" value="survey">
    <x-was :of="$f" :values="Underpin\Job\Part\CircuitPart::write($circuit)"/>
    @if (($neutral = Underpin\Service\SharedNeutral::beforeMovingIt($circuit, new Underpin\Service\Multiwire($screen->job->service->panels))) !== '')
        <p class="caution"><b>Before it is moved, or put into a tandem:</b> {{ $neutral }}</p>
    @endif
    @if ($places === [])
        <p class="quiet">No other place in this panel is free for it.</p>
    @else
        <x-pick :of="$f->field('space')" id="m-space" title="Alt ↑ ↓" :options="[$circuit->position->space => $circuit->label().', where it is'] + array_combine(array_map(fn ($s) => $s->space, $places), array_map(fn ($s) => $s->label().', '.($s->leg() === $circuit->leg() ? 'same leg' : $s->leg()->words().': its leg changes'), $places))" :value="$circuit->position->space"/>
        <noscript><button type="submit" class="button">Move</button></noscript>
    @endif
</form>
<form method="post" action="{{ route('jobs.circuits.destroy', [$screen->row->id, $circuit->id]) }}" data-parts class="aside-form">
    @csrf @method('DELETE')<input type="hidden" name="stage" value="survey">
    <button type="submit" class="button is-quiet">Remove this breaker</button>
</form>
<p><a href="{{ $screen->links->to(Underpin\StageKey::Loads, ['at' => $circuit->id]) }}">What hangs on it →</a></p>

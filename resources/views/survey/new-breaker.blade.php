<h2>New breaker in space {{ $screen->newSpace }}</h2>
<p class="quiet">{{ Underpin\Job\Position::legOfSpace($screen->newSpace)->words() }} here; a two-pole also takes space {{ $screen->newSpace + 2 }}.</p>
@php($f = (new App\Http\Requests\Survey\NewBreakerRequest)->form())
<form id="new-breaker-form" method="post" action="{{ route('jobs.circuits.store', $screen->row->id) }}" data-parts>
    @csrf
    <input type="hidden" name="stage" value="survey"><input type="hidden" name="panel" value="{{ $screen->newPanel }}">
    <x-field :of="$f->field('name')" id="n-name"/>
    <div class="fields">
        <x-field :of="$f->field('amps')" id="n-amps" value="20"/>
        <x-pick :of="$f->field('poles')" id="n-poles" value="1"/>
    </div>
    <div class="fields">
        <x-field :of="$f->field('space')" id="n-space" :value="$screen->newSpace" inputmode="numeric"/>
        <x-pick :of="$f->field('half')" id="n-half"/>
    </div>
    <x-pick :of="$f->field('protection')" id="n-protection"/>
    <input type="hidden" name="note" value=""><input type="hidden" name="keep_on" value=""><input type="hidden" name="receptacle_a" value=""><input type="hidden" name="shares_neutral_with" value="">
    <button type="submit" class="button is-primary">Add the breaker</button>
</form>

<h2>New breaker in space {{ $screen->newSpace }}</h2>
<p class="quiet">{{ Underpin\Job\Position::legOfSpace($screen->newSpace)->words() }} here; a two-pole also takes space {{ $screen->newSpace + 2 }}.</p>
<form id="new-breaker-form" method="post" action="{{ route('jobs.circuits.store', $screen->row->id) }}" data-parts>
    @csrf
    <input type="hidden" name="stage" value="survey"><input type="hidden" name="panel" value="{{ $screen->newPanel }}">
    <x-field id="n-name" name="name" label="What it feeds" maxlength="100"/>
    <div class="fields">
        <x-field id="n-amps" name="amps" label="Breaker" unit="A" value="20"/>
        <x-pick id="n-poles" name="poles" label="Poles" :options="[1 => 'one', 2 => 'two']" value="1"/>
    </div>
    <div class="fields">
        <x-field id="n-space" name="space" label="Upper space" :value="$screen->newSpace" inputmode="numeric"/>
        <x-pick id="n-half" name="half" label="Tandem, quad" :options="['' => 'no', 'a' => 'a, upper', 'b' => 'b, lower']"/>
    </div>
    <x-pick id="n-protection" name="protection" label="Protection" :options="['none' => 'none', 'afci' => 'AFCI', 'gfci' => 'GFCI', 'dual' => 'AFCI and GFCI']"/>
    <input type="hidden" name="note" value=""><input type="hidden" name="keep_on" value=""><input type="hidden" name="receptacle_a" value="">
    <button class="button is-primary">Add the breaker</button>
</form>

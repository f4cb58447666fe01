@php($f = (new App\Http\Requests\Survey\FirstPanelRequest)->form())
@php($l = (new App\Http\Requests\Survey\LikeJobRequest)->form())
@php($others = App\Models\Job::query()->where('shop_id', $screen->row->shop_id)->where('id', '!=', $screen->row->id)->orderByDesc('updated_at')->limit(60)->pluck('name', 'id')->all())
<section class="begin" aria-label="Begin">
    <div class="begin-way">
        <h2>Bring a sheet</h2>
        <p>A panel schedule from a spreadsheet: a file, or cells pasted from it.</p>
        <a class="button is-primary" id="begin-sheet" href="{{ route('jobs.schedule.create', $screen->row->id) }}" autofocus>Bring in a schedule</a>
    </div>
    <div class="begin-way">
        <h2>Type the panel</h2>
        <form id="begin-panel" method="post" action="{{ route('jobs.panels.first', $screen->row->id) }}">
            @csrf
            <div class="fields"><x-pick :of="$f->field('spaces')" id="begin-spaces" value="42"/><x-field :of="$f->field('main_a')" id="begin-main"/></div>
            <button type="submit" class="button">Type its breakers</button>
        </form>
    </div>
    @if ($others !== [])
    <div class="begin-way">
        <h2>Like another job</h2>
        <form id="begin-like" method="post" action="{{ route('jobs.like.into', $screen->row->id) }}">
            @csrf
            <x-pick :of="$l->field('like')" id="begin-other" :options="$others"/>
            <p class="quiet">Panels, loads, roles, rules, machine and way. What was looked at or measured there is not known here.</p>
            <button type="submit" class="button">Lay it out like that</button>
        </form>
    </div>
    @endif
</section>

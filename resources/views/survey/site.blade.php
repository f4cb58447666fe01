@php($site = $screen->job->site)
<details id="part-site" class="sheet" @if (! $site->nothingKnown() && $site->missing() !== []) open @endif>
    <summary>Fuel, ground and climate <small>{{ $site->missing() === [] ? 'all known' : count($site->missing()).' still missing' }}</small></summary>
    @php($f = (new App\Http\Requests\Survey\SiteRequest)->form())
    <form id="site-form" method="post" action="{{ route('jobs.site', $screen->row->id) }}" data-parts data-autosave>
        @csrf @method('PUT')
        <x-was :of="$f" :values="Underpin\Job\Part\SitePart::writeSite($site)"/>
        <div class="fields">
            <x-field :of="$f->field('gas_meter_cfh')" id="s-gas" :value="Underpin\Csv\Number::write($site->gasMeterCfh)" hint="0: no gas here"/>
            <x-field :of="$f->field('propane_tank_gal')" id="s-propane" :value="Underpin\Csv\Number::write($site->propaneTankGal)" hint="0: none"/>
            <x-field :of="$f->field('gasoline_gal')" id="s-gasoline" :value="Underpin\Csv\Number::write($site->gasolineGal)" hint="what is safe to keep; 0: none"/>
        </div>
        <div class="fields">
            <x-field :of="$f->field('altitude_ft')" id="s-altitude" :value="Underpin\Csv\Number::write($site->altitudeFt)"/>
            <x-field :of="$f->field('hottest_f')" id="s-hot" :value="Underpin\Csv\Number::write($site->hottestF)"/>
            <x-field :of="$f->field('coldest_f')" id="s-cold" :value="Underpin\Csv\Number::write($site->coldestF)"/>
            <x-field :of="$f->field('snow_in')" id="s-snow" :value="Underpin\Csv\Number::write($site->snowIn)"/>
        </div>
        <div class="fields">
            <x-pick :of="$f->field('level')" id="s-level" :value="$site->level === null ? '' : (int) $site->level"/>
            <x-pick :of="$f->field('above_flood')" id="s-flood" :value="$site->aboveFlood === null ? '' : (int) $site->aboveFlood"/>
        </div>
        <button type="submit" class="button is-primary">Save</button>
    </form>
    @if ($site->missing() !== [])
        <h3>Not known yet, and what waits for it</h3>
        <dl class="waits">@foreach ($site->missing() as $what => $waits)<div><dt>{{ ucfirst($what) }}</dt><dd>{{ $waits }}</dd></div>@endforeach</dl>
    @endif
</details>

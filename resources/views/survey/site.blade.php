@php($site = $screen->job->site)
<details id="part-site" class="sheet" @if (! $site->nothingKnown() && $site->missing() !== []) open @endif>
    <summary>Fuel, ground and climate <small>{{ $site->missing() === [] ? 'all known' : count($site->missing()).' still missing' }}</small></summary>
    <form id="site-form" method="post" action="{{ route('jobs.site', $screen->row->id) }}" data-parts data-autosave>
        @csrf @method('PUT')
        <x-was :values="Underpin\Job\Part\SitePart::writeSite($site)"/>
        <div class="fields">
            <x-field id="s-gas" name="gas_meter_cfh" label="Gas meter" unit="cfh" :value="Underpin\Csv\Number::write($site->gasMeterCfh)" hint="0: no gas here"/>
            <x-field id="s-propane" name="propane_tank_gal" label="Propane tank" unit="gal" :value="Underpin\Csv\Number::write($site->propaneTankGal)" hint="0: none"/>
            <x-field id="s-gasoline" name="gasoline_gal" label="Gasoline kept" unit="gal" :value="Underpin\Csv\Number::write($site->gasolineGal)" hint="what is safe to keep; 0: none"/>
        </div>
        <div class="fields">
            <x-field id="s-altitude" name="altitude_ft" label="Altitude" unit="ft" :value="Underpin\Csv\Number::write($site->altitudeFt)"/>
            <x-field id="s-hot" name="hottest_f" label="Hottest day" unit="°F" :value="Underpin\Csv\Number::write($site->hottestF)"/>
            <x-field id="s-cold" name="coldest_f" label="Coldest day" unit="°F" :value="Underpin\Csv\Number::write($site->coldestF)"/>
            <x-field id="s-snow" name="snow_in" label="Deepest snow" unit="in" :value="Underpin\Csv\Number::write($site->snowIn)"/>
        </div>
        <div class="fields">
            <x-pick id="s-level" name="level" label="Level ground for a machine" :options="['' => 'not looked', 1 => 'yes', 0 => 'no']" :value="$site->level === null ? '' : (int) $site->level"/>
            <x-pick id="s-flood" name="above_flood" label="Above the flood line" :options="['' => 'not known', 1 => 'yes', 0 => 'no']" :value="$site->aboveFlood === null ? '' : (int) $site->aboveFlood"/>
        </div>
        <button class="button is-primary">Save</button>
    </form>
    @if ($site->missing() !== [])
        <h3>Not known yet, and what waits for it</h3>
        <dl class="waits">@foreach ($site->missing() as $what => $waits)<div><dt>{{ ucfirst($what) }}</dt><dd>{{ $waits }}</dd></div>@endforeach</dl>
    @endif
</details>

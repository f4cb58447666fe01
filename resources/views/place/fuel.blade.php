@php($atOnce = $screen->design()->fuel())
@php($actedOut = App\Outages\ActedLoad::of($screen->row, $screen->job))
@php($fuel = $actedOut === null ? $atOnce : $atOnce?->atMean($actedOut->watts))
@php($kept = $screen->job->fuelKept)
@php($f = (new App\Http\Requests\Place\FuelKeptRequest)->form())
@php($kind = $fuel?->supply->fuel)
@php($gas = in_array($kind, [Underpin\Job\Fuel::NaturalGas, Underpin\Job\Fuel::Propane], true))
@php($unit = $kind === Underpin\Job\Fuel::NaturalGas ? 'ft³' : 'gal')
<h2 id="fuel" tabindex="-1">What keeps it running</h2>
@if ($fuel === null)
    <p class="caution">Pick a machine and its fuel first.</p>
@elseif ($kind === Underpin\Job\Fuel::Stored)
    <dl class="figures"><div><dt>At the loads of this job</dt><dd>{{ number_format($fuel->loadW) }} <i>W</i></dd></div><div><dt>Lasts</dt><dd>@if ($fuel->batteryHours() === null)not known @else{{ Underpin\Say::figure($fuel->batteryHours()) }} <i>h</i>@endif</dd></div>@if ($fuel->rechargeHours() !== null)<div><dt>Recharged from {{ $kept->engineW === null ? 'an engine or the utility' : 'an engine of '.Underpin\Say::watts($kept->engineW) }}</dt><dd>{{ Underpin\Say::figure($fuel->rechargeHours()) }} <i>h</i></dd></div>@endif @if ($fuel->sunWh() !== null)<div><dt>The sun brings a day</dt><dd>{{ number_format($fuel->sunWh()) }} <small>of {{ number_format($fuel->dayWh()) }} used</small> <i>Wh</i></dd></div><div><dt>Lasts with the sun</dt><dd>@if ($fuel->sunCarries())day after day @else{{ Underpin\Say::figure($fuel->sunHours()) }} <i>h</i>@endif</dd></div>@endif</dl>
    @if ($kept->engineW !== null)<p class="caution">The engine that charges it keeps every distance of an engine: 20 ft from the house, exhaust away from every opening.</p>@endif
@else
    <dl class="figures">
        <div><dt>At the loads of this job</dt><dd>{{ number_format($fuel->loadW) }} <small>of {{ number_format($fuel->supply->runW()) }}</small> <i>W</i></dd></div>
        <div><dt>Burns</dt><dd>@if ($fuel->hour){{ number_format($fuel->hour->burnPerH, $unit === 'gal' ? 2 : 0) }} <i>{{ $unit }}/h</i>@else not known @endif</dd></div>
        @if ($fuel->tankHours() !== null)<div><dt>Its own tank</dt><dd>{{ Underpin\Say::figure($fuel->tankHours()) }} <i>h</i></dd></div>@endif
        @if ($fuel->storedHours() !== null)<div><dt>All that is stored</dt><dd>{{ Underpin\Say::figure($fuel->storedHours()) }} <i>h</i></dd></div>@endif
    </dl>
    @if ($fuel->days() !== [])
    <section class="scroll" tabindex="0" aria-label="Outages of one, three and seven days"><table class="table fuel-days">
        <thead><tr><th scope="col">Outage</th><th scope="col" class="num">Takes</th><th scope="col">Stored</th><th scope="col" class="num">Costs</th><th scope="col" class="num">Refueling</th></tr></thead>
        <tbody>@foreach ($fuel->days() as $day)
            @php($share = $day->short === null ? null : ($day->units > 0 ? max(0, min(100, 100 * (1 - $day->short / $day->units))) : 100))
            <tr><th scope="row">{{ Underpin\Say::count($day->days, 'day') }}</th><td class="num">{{ number_format($day->units, $unit === 'gal' ? 1 : 0) }} <i>{{ $unit }}</i></td>
                <td>@if ($share === null)<span class="quiet">{{ $kind === Underpin\Job\Fuel::NaturalGas ? 'by a pipe' : 'not known' }}</span>@else<svg class="share" viewBox="0 0 100 12" width="100" height="12" role="img" aria-label="{{ number_format($share) }} % of it is stored"><rect class="share-all" x=".5" y=".5" width="99" height="11"/><rect class="share-on" width="{{ number_format($share, 1) }}" height="12"/></svg> @if ($day->short > 0){{ number_format($day->short, 1) }} gal short @else enough @endif @endif</td>
                <td class="num">@if ($day->usd === null)<span class="quiet">no price</span>@else${{ number_format($day->usd, 0) }}@endif</td>
                <td class="num">@if ($day->refuels === null)<span class="quiet">{{ $kind === Underpin\Job\Fuel::Gasoline ? 'tank not known' : 'none: by a pipe' }}</span>@else{{ Underpin\Say::count($day->refuels, 'stop') }}@endif</td></tr>
        @endforeach</tbody>
    </table></section>
    <p class="quiet" id="fuel-rests-on">@if ($actedOut){{ $actedOut->words() }} All at once it would be {{ Underpin\Say::watts($atOnce->loadW) }}{{ $atOnce->hour ? ', '.number_format($atOnce->hour->burnPerH, $unit === 'gal' ? 2 : 0).' '.$unit.'/h' : '' }}.@else All that must run is taken as on at once; motors that cycle make it less: <a href="{{ route('jobs.outage', $screen->row->id) }}#many">act out a thousand outages</a> to know how much.@endif Burn is linear between no load and full load, from the data sheet of the machine.</p>
    @else<p class="caution">What the machine burns at no load and at full load is not known: the catalogue asks for it.</p>@endif
    @php($clocks = Underpin\Fuel\Refuelling::clocks($fuel))
    @if ($clocks !== [])
    <p><b>Refueling by the hour</b>, when it starts at six in the evening: <span class="mono">{{ implode(', ', $clocks) }}</span>. {{ $fuel->supply->machine->housing->tankGal ? 'Each time up to '.Underpin\Say::figure($fuel->supply->machine->housing->tankGal).' gal.' : '' }}</p>
    @endif
    @if ($fuel->badOn())<p @class(['caution' => $fuel->badOn() < now()->toDateString()])>Bought {{ $kept->boughtOn }}{{ $kept->treated ? ', with stabilizer' : '' }}: good until <b>{{ $fuel->badOn() }}</b>{{ $fuel->badOn() < now()->toDateString() ? '. It is stale: burn it in a car, and buy anew' : '' }}. With ethanol in it, what stands in the machine's own tank keeps one to three months.</p>@endif
    @if ($kind === Underpin\Job\Fuel::Gasoline)<p>{{ Underpin\Fuel\Refuelling::gasoline() }}</p>@endif
    @if ($kept->near !== '' || $kept->far !== '')<p><b>Filled</b> at {{ $kept->near ?: 'a place that is not noted' }}; when that is dark: {{ $kept->far ?: 'not noted' }}.</p>@endif
    @if ($gas)
        {{-- Pipes, meter and tank are sized for the hour in which everything burns. --}}
        @php($fuel = $atOnce)
        <section class="scroll" tabindex="0" aria-label="Gas"><table class="table">
            <thead><tr><th scope="col">Gas</th><th scope="col">What is wanted</th><th scope="col">What is there</th></tr></thead>
            <tbody>
                <tr><th scope="row">Machine, full load</th><td>{{ $fuel->fullBtuh() === null ? 'not known' : number_format($fuel->fullBtuh()).' BTU/h' }}</td><td>at the loads of this job {{ $fuel->loadBtuh() === null ? 'not known' : number_format($fuel->loadBtuh()).' BTU/h' }}</td></tr>
                @if ($kind === Underpin\Job\Fuel::NaturalGas)<tr><th scope="row">Meter, everything firing</th><td>{{ $fuel->meterCfh() === null ? 'not known' : number_format($fuel->meterCfh()).' cfh' }}{{ $kept->appliances === [] ? ' for the machine alone: note what else burns' : '' }}</td><td>{{ $screen->job->site->gasMeterCfh === null ? 'not looked' : number_format($screen->job->site->gasMeterCfh).' cfh' }}</td></tr>@endif
                @php($tree = $fuel->pipes())
                @if ($tree === null)<tr><th scope="row">Pipe, schedule 40 steel</th><td>length not known</td><td>by the longest length; the gas plumber's, by NFPA 54</td></tr>
                @else @foreach ($tree->sections as $section)<tr><th scope="row">Pipe {{ $section->words }}</th><td>{{ $section->size() }}</td><td>{{ Underpin\Say::figure($section->ft) }} ft, {{ number_format($section->btuh) }} BTU/h @if ($loop->first), all over {{ Underpin\Say::figure($tree->longestFt) }} ft, the longest length; the gas plumber's, by NFPA 54 @endif</td></tr>@endforeach
                @if ($tree->missing !== [])<tr><th scope="row">Branches not measured</th><td colspan="2">{{ Underpin\Say::list($tree->missing, 6) }}: counted in every section.</td></tr>@endif @endif
                <tr><th scope="row">Pressure at the machine</th><td>{{ Underpin\Checklist\Range::usual($kind === Underpin\Job\Fuel::Propane ? Underpin\Codebook\Acceptance::Propane : Underpin\Codebook\Acceptance::NaturalGas)->words('in of water, with everything firing') }}</td><td>its nameplate governs</td></tr>
                @if ($kind === Underpin\Job\Fuel::Propane)<tr><th scope="row">Regulator stages</th><td colspan="2">{{ ucfirst(Underpin\Codebook\FuelFacts::PROPANE_STAGES) }}.</td></tr>@endif
                @if ($kind === Underpin\Job\Fuel::Propane)<tr><th scope="row">Tank, coldest day, all that burns from it</th><td>{{ $fuel->tankWantsBtuh() === null ? 'not known' : number_format($fuel->tankWantsBtuh()).' BTU/h'.($kept->appliances === [] ? ', the machine alone: note what else burns' : '') }}</td><td>{{ $fuel->vapourBtuh() === null ? 'not known: '.$fuel->vapourMissing() : number_format($fuel->vapourBtuh()).' BTU/h'.($kept->supplierBtuh === null ? ', 20 % full' : ', by the supplier') }}</td></tr>@endif
            </tbody>
        </table></section>
    @endif
@endif
@php($choices = $screen->design()->fuels())
@if (count($choices) > 1)
    <section class="scroll" tabindex="0" aria-label="Fuels side by side"><table class="table fuel-days">
        <caption>The same machine on each of its fuels, at this height and heat</caption>
        <thead><tr><th scope="col">Fuel</th><th scope="col">Here</th><th scope="col" class="num">Gives</th><th scope="col">Loads of this job</th><th scope="col" class="num">Three days</th><th scope="col">Stored</th><th scope="col" class="num">Costs</th><th scope="col" class="num">Stops</th></tr></thead>
        <tbody>@foreach ($choices as $choice)
            @php($three = $choice->plan->days()[1] ?? null)
            @php($in = $choice->fuel === Underpin\Job\Fuel::NaturalGas ? 'ft³' : 'gal')
            <tr @class(['is-picked' => $choice->fuel === $kind])><th scope="row">{{ ucfirst($choice->fuel->value) }}{{ $choice->fuel === $kind ? ', picked' : '' }}</th><td>{{ match ($choice->isHere) { true => 'yes', false => 'no', null => 'not known' } }}</td>
                <td class="num">{{ number_format($choice->plan->supply->runW()) }} <i>W</i></td><td>{{ match ($choice->verdict) { Underpin\Sizing\Verdict::Holds => 'holds', Underpin\Sizing\Verdict::Tight => 'tight', Underpin\Sizing\Verdict::Short => 'too small', Underpin\Sizing\Verdict::Unknown => 'not known' } }}</td>
                <td class="num">@if ($three){{ number_format($three->units, $in === 'gal' ? 1 : 0) }} <i>{{ $in }}</i>@else<span class="quiet">burn not known</span>@endif</td>
                <td>{{ $three === null || $three->short === null ? ($in === 'ft³' ? 'by a pipe' : 'not known') : ($three->short > 0 ? number_format($three->short, 1).' gal short' : 'enough') }}</td>
                <td class="num">@if ($three?->usd !== null)${{ number_format($three->usd) }}@else<span class="quiet">no price</span>@endif</td>
                <td class="num">{{ $three?->refuels === null ? 'none' : $three->refuels }}</td></tr>
        @endforeach</tbody>
    </table></section>
@endif
<section class="sheet" id="fuel-kept"><h2>Stored, tank, filling</h2>
<form id="fuel-form" class="sheet-form" method="post" action="{{ route('jobs.fuel', $screen->row->id) }}" data-parts data-autosave>
    @csrf @method('PUT')<x-was :values="array_intersect_key(Underpin\Job\Part\FuelKeptPart::writeKept($kept), array_flip(App\Http\Requests\Place\FuelKeptRequest::FIELDS))"/>
    <div class="fields">
        <x-field :of="$f->field('usd_per_unit')" id="fuel-usd" :value="Underpin\Csv\Number::write($kept->usdPerUnit)" :hint="$unit === 'ft³' ? 'for 100 cubic feet' : 'a gallon'"/>
        <x-field :of="$f->field('bought_on')" id="fuel-bought" type="date" :value="$kept->boughtOn"/>
        <x-pick :of="$f->field('treated')" id="fuel-treated" :value="$kept->treated === null ? '' : (int) $kept->treated"/>
    </div>
    <details class="more-fields"@if ($kind === Underpin\Job\Fuel::Propane) open @endif><summary>Propane tank</summary><div class="fields">
        <x-field :of="$f->field('tank_diameter_in')" id="fuel-diameter" :value="Underpin\Csv\Number::write($kept->tankDiameterIn)"/>
        <x-field :of="$f->field('tank_length_in')" id="fuel-length" :value="Underpin\Csv\Number::write($kept->tankLengthIn)"/>
        <x-field :of="$f->field('tank_fill_pct')" id="fuel-fill" :value="Underpin\Csv\Number::write($kept->tankFillPct)"/>
        <x-pick :of="$f->field('buried')" id="fuel-buried" :value="$kept->buried === null ? '' : (int) $kept->buried"/>
        <x-field :of="$f->field('supplier_btuh')" id="fuel-supplier" :value="Underpin\Csv\Number::write($kept->supplierBtuh)"/>
    </div></details>
    <div class="fields">
        <x-field :of="$f->field('pipe_ft')" id="fuel-pipe" :value="Underpin\Csv\Number::write($kept->pipeFt)"/>
        <x-field :of="$f->field('near')" id="fuel-near" :value="$kept->near"/>
        <x-field :of="$f->field('far')" id="fuel-far" :value="$kept->far"/>
    </div>
    @if ($kind === Underpin\Job\Fuel::Stored)<div class="fields">@foreach (['engine_w' => $kept->engineW, 'sun_w' => $kept->sunW, 'sun_h' => $kept->sunH] as $name => $value)<x-field :of="$f->field($name)" :id="'fuel-'.$name" :value="Underpin\Csv\Number::write($value)"/>@endforeach</div>
    @else @foreach (['engine_w' => $kept->engineW, 'sun_w' => $kept->sunW, 'sun_h' => $kept->sunH] as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ Underpin\Csv\Number::write($value) }}">@endforeach @endif
    <button type="submit" class="button">Save</button>
</form>
@if ($gas || $kept->appliances !== [])
    @php($a = (new App\Http\Requests\Place\ApplianceRequest)->form())
    <h3>On the same gas</h3>
    @foreach ([...$kept->appliances, null] as $each)
        @php($key = $each->id ?? 'new')
        <form id="appliance-{{ $key }}" class="sheet-form appliance" method="post" action="{{ route('jobs.fuel.appliance', $screen->row->id) }}" data-parts @if ($each) data-autosave @endif>
            @csrf @method('PUT')<input type="hidden" name="id" value="{{ $each->id ?? '' }}">@if ($each)<x-was :values="array_diff_key(Underpin\Job\Part\FuelKeptPart::writeAppliance($each), ['id' => 0])"/>@endif
            <div class="fields"><x-field :of="$a->field('name')" :id="'a-name-'.$key" :value="$each->name ?? ''"/><x-field :of="$a->field('btuh')" :id="'a-btuh-'.$key" :value="Underpin\Csv\Number::write($each?->btuh)"/><x-field :of="$a->field('at_ft')" :id="'a-at-'.$key" :value="Underpin\Csv\Number::write($each?->atFt)"/><x-field :of="$a->field('branch_ft')" :id="'a-branch-'.$key" :value="Underpin\Csv\Number::write($each?->branchFt)"/></div>
            <button type="submit" class="button">{{ $each ? 'Save' : 'Add it' }}</button>@if ($each)<button type="submit" class="button is-quiet" form="remove-{{ $each->id }}">Remove {{ $each->name }}</button>@endif
        </form>
        @if ($each)<form id="remove-{{ $each->id }}" method="post" action="{{ route('jobs.fuel.appliance.destroy', $screen->row->id) }}" data-parts>@csrf @method('DELETE')<input type="hidden" name="id" value="{{ $each->id }}"></form>@endif
    @endforeach
@endif
</section>

<x-layouts.page :title="'Load calculation · '.$screen->row->name" :job="$screen->row">
    @part('parts.header')
    <div id="page">
        @part('parts.strip')
        <div class="job">
            @part('parts.spine')
            <main class="stage" data-page="demand" tabindex="-1" data-stage-name="loads">
                <div class="stage-head">
                    <h1>The code's load calculation</h1>
                    <button type="button" class="button" data-key="print">Print</button>
                </div>
                <x-schools :screen="$screen" at="demand"/>
                <div class="print-only">
                    <p><b>{{ $screen->row->name }}</b>{{ $screen->row->customer_address ? ', '.$screen->row->customer_address : '' }}. {{ $screen->job->authority->rules->authority ?: 'No local amendments named' }}, {{ $screen->job->authority->rules->edition }}{{ $screen->job->authority->rules->dated ? ', as of '.$screen->job->authority->rules->dated : '' }}.</p>
                    @if ($screen->job->basis->demand)
                        <p>@foreach ($demand->fields as $name => $value)@if ($value !== null && $value !== '' && $value !== 0.0 && $name !== 'method'){{ Underpin\Job\Part\DemandInputsPart::form()->field($name)->label }}: {{ is_scalar($value) ? str_replace("\n", '; ', (string) $value) : '' }}. @endif @endforeach</p>
                    @endif
                    <p>A licensed electrician and the local authority decide.</p>
                </div>
                @php($f = fn (string $name, string $else = '') => Underpin\Csv\Number::write(is_numeric($demand->fields[$name] ?? null) ? (float) $demand->fields[$name] : null) ?: (is_string($demand->fields[$name] ?? null) ? $demand->fields[$name] : $else))
                <form id="demand-form" class="sheet-form" method="post" action="{{ route('jobs.demand.update', $screen->row->id) }}">
                    @csrf @method('PUT')
                    <x-was :values="$demand->fields"/>
                    <div class="fields">
                        <x-pick id="d-method" name="method" label="Calculation" :options="array_combine(array_column(Underpin\Job\DemandMethod::cases(), 'value'), array_map(fn ($m) => ucfirst($m->words()).', '.str_replace('NEC 2023 ', '', $m->section()), Underpin\Job\DemandMethod::cases()))" :value="$f('method', 'optional')"/>
                        <x-field id="d-area" name="floor_area_ft2" label="Floor area" unit="ft²" :value="$f('floor_area_ft2')"/>
                        <x-field id="d-small" name="small_appliance_circuits" label="Small-appliance circuits" inputmode="numeric" :value="$f('small_appliance_circuits', '2')"/>
                        <x-field id="d-laundry" name="laundry_circuits" label="Laundry circuits" inputmode="numeric" :value="$f('laundry_circuits', '1')"/>
                    </div>
                    <div class="fields">
                        <div class="field">
                            <label class="label" for="d-appliances">Appliances fastened in place <span class="unit">one a line, VA</span></label>
                            <textarea class="textarea" id="d-appliances" name="appliances" rows="5" aria-describedby="d-appliances-error" placeholder="water heater 4500">{{ old('appliances', $f('appliances')) }}</textarea>
                            <p class="error" id="d-appliances-error" data-error="appliances">@error('appliances'){{ $message }}@enderror</p>
                        </div>
                        <div class="field">
                            <x-field id="d-ranges" name="ranges_va" label="Ranges" unit="VA each" :value="$f('ranges_va')" hint="12000, 9000"/>
                            <x-field id="d-dryers" name="dryers_va" label="Dryers" unit="VA each" :value="$f('dryers_va')"/>
                            <x-field id="d-ev" name="ev_chargers_va" label="Vehicle chargers" unit="VA each" :value="$f('ev_chargers_va')"/>
                        </div>
                    </div>
                    <div class="fields">
                        <x-field id="d-heating" name="heating_va" label="Electric heating" unit="VA" :value="$f('heating_va', '0')"/>
                        <x-field id="d-units" name="heating_units" label="Heating units, own controls" inputmode="numeric" :value="$f('heating_units', '1')"/>
                        <x-field id="d-pump" name="heat_pump_va" label="Heat pump" unit="VA" :value="$f('heat_pump_va', '0')"/>
                        <x-field id="d-supplemental" name="supplemental_heat_va" label="Supplemental heat" unit="VA" :value="$f('supplemental_heat_va', '0')"/>
                    </div>
                    <div class="fields">
                        <x-field id="d-cooling" name="cooling_va" label="Cooling" unit="VA" :value="$f('cooling_va', '0')"/>
                        <x-field id="d-motor" name="largest_motor_va" label="Largest motor" unit="VA" :value="$f('largest_motor_va', '0')"/>
                        <x-field id="d-peak" name="peak_va" label="Recorded peak" unit="VA" :value="$f('peak_va')" hint="highest 15-minute average of a year, or of 30 days"/>
                        <x-field id="d-new" name="new_load_va" label="Load to be added" unit="VA" :value="$f('new_load_va', '0')"/>
                    </div>
                    <input type="hidden" name="volts" value="{{ $f('volts', '240') }}">
                    <button class="button is-primary">Work it out</button>
                </form>
                @if ($demand->sheet)
                    <section class="worksheet" aria-label="Worksheet">
                        <h2>{{ ucfirst($demand->sheet->method->words()) }} <small class="quiet">{{ $demand->sheet->method->section() }}</small></h2>
                        <table class="table">
                            <thead><tr><th>Line</th><th>Section</th><th class="num">VA</th></tr></thead>
                            <tbody>@foreach ($demand->sheet->lines as $line)<tr><td>{{ $line->label }}</td><td><cite>{{ $line->section }}</cite></td><td class="num">{{ number_format($line->va) }}</td></tr>@endforeach</tbody>
                            <tfoot><tr><th scope="row" colspan="2">Demand</th><td class="num">{{ number_format($demand->sheet->demandVa) }}</td></tr><tr><th scope="row" colspan="2">At {{ number_format($demand->sheet->volts) }} V</th><td class="num">{{ number_format($demand->sheet->demandAmps(), 1) }} A</td></tr></tfoot>
                        </table>
                        @if ($demand->sheet->method === Underpin\Job\DemandMethod::Measured)<p class="quiet">220.87 wants a year of data, or 30 days of recording with the heating or cooling of the season on and the house in use, and the service protected as 240.4 and 230.90 ask.</p>@endif
                    </section>
                @endif
                <p class="quiet">@unless ($demand->sheet)The calculation is not worked out yet. @endunless<a href="{{ route('jobs.schools', $screen->row->id) }}">Beside the list and what was measured</a></p>
            </main>
        </div>
    </div>
</x-layouts.page>

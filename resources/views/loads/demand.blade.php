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
                @php($asks = Underpin\Job\Part\DemandInputsPart::form())
                @php($listed = array_map(fn (string $words): string => "on the list: $words", Underpin\Demand\Listed::of($screen->job)))
                @php($f = fn (string $name, string $else = '') => Underpin\Csv\Number::write(is_numeric($demand->fields[$name] ?? null) ? (float) $demand->fields[$name] : null) ?: (is_string($demand->fields[$name] ?? null) ? $demand->fields[$name] : $else))
                <p class="quiet">The nameplate of each appliance counts here; beside the fields stands what the list of loads says.</p>
                <form id="demand-form" class="sheet-form" method="post" action="{{ route('jobs.demand.update', $screen->row->id) }}">
                    @csrf @method('PUT')
                    <x-was :values="$demand->fields"/>
                    <div class="fields">
                        <x-pick :of="$asks->field('method')" id="d-method" :options="array_combine(array_column(Underpin\Job\DemandMethod::cases(), 'value'), array_map(fn ($m) => ucfirst($m->words()).', '.$m->section(), Underpin\Job\DemandMethod::cases()))" :value="$f('method', 'optional')"/>
                        <x-field :of="$asks->field('floor_area_ft2')" id="d-area" :value="$f('floor_area_ft2')"/>
                        <x-field :of="$asks->field('small_appliance_circuits')" id="d-small" inputmode="numeric" :value="$f('small_appliance_circuits', '2')"/>
                        <x-field :of="$asks->field('laundry_circuits')" id="d-laundry" inputmode="numeric" :value="$f('laundry_circuits', '1')"/>
                    </div>
                    <div class="fields">
                        <div class="field">
                            <label class="label" for="d-appliances">Appliances fastened in place <span class="unit">one a line, VA</span></label>
                            <textarea class="textarea" id="d-appliances" name="appliances" rows="5" aria-describedby="d-appliances-error" placeholder="water heater 4500">{{ old('appliances', $f('appliances')) }}</textarea>
                            @isset($listed['appliances'])<p class="hint">{{ $listed['appliances'] }}</p>@endisset
                            <p class="error" id="d-appliances-error" data-error="appliances">@error('appliances'){{ $message }}@enderror</p>
                        </div>
                        <div class="field">
                            <x-field :of="$asks->field('ranges_va')" unit="VA each" id="d-ranges" :value="$f('ranges_va')" :hint="$listed['ranges_va'] ?? '12000, 9000'"/>
                            <x-field :of="$asks->field('dryers_va')" unit="VA each" id="d-dryers" :value="$f('dryers_va')" :hint="$listed['dryers_va'] ?? null"/>
                            <x-field :of="$asks->field('ev_chargers_va')" unit="VA each" id="d-ev" :value="$f('ev_chargers_va')" :hint="$listed['ev_chargers_va'] ?? null"/>
                        </div>
                    </div>
                    <div class="fields">
                        <x-field :of="$asks->field('heating_va')" id="d-heating" :value="$f('heating_va', '0')" :hint="$listed['heating_va'] ?? null"/>
                        <x-field :of="$asks->field('heating_units')" id="d-units" inputmode="numeric" :value="$f('heating_units', '1')"/>
                        <x-field :of="$asks->field('heat_pump_va')" id="d-pump" :value="$f('heat_pump_va', '0')" :hint="$listed['heat_pump_va'] ?? null"/>
                        <x-field :of="$asks->field('supplemental_heat_va')" id="d-supplemental" :value="$f('supplemental_heat_va', '0')"/>
                    </div>
                    <div class="fields">
                        <x-field :of="$asks->field('cooling_va')" id="d-cooling" :value="$f('cooling_va', '0')" :hint="$listed['cooling_va'] ?? null"/>
                        <x-field :of="$asks->field('largest_motor_va')" id="d-motor" :value="$f('largest_motor_va', '0')" :hint="$listed['largest_motor_va'] ?? null"/>
                        <x-field :of="$asks->field('peak_va')" id="d-peak" :value="$f('peak_va')" hint="highest 15-minute average of a year, or of 30 days"/>
                        <x-field :of="$asks->field('new_load_va')" id="d-new" :value="$f('new_load_va', '0')"/>
                    </div>
                    <input type="hidden" name="volts" value="{{ $f('volts', '240') }}">
                    <button type="submit" class="button is-primary">Work it out</button>
                </form>
                @if ($demand->sheet)
                    <section class="worksheet" aria-label="Worksheet">
                        <h2>{{ ucfirst($demand->sheet->method->words()) }} <small class="quiet">{{ Underpin\Codebook\Source::nec($demand->sheet->method->section())->words($screen->job->authority->rules->edition) }}</small></h2>
                        <table class="table">
                            <thead><tr><th scope="col">Line</th><th scope="col">Section</th><th scope="col" class="num">VA</th></tr></thead>
                            <tbody>@foreach ($demand->sheet->lines as $line)<tr><td>{{ $line->label }}</td><td><cite>{{ Underpin\Codebook\Edition::of($screen->job->authority->rules->edition)->sections($line->section) }}</cite></td><td class="num">{{ number_format($line->va) }}</td></tr>@endforeach</tbody>
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

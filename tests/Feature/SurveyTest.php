<?php

declare(strict_types=1);

use App\Models\Job;
use Underpin\Checks\ExistingFaultFinding;
use Underpin\Demand\Worksheet;
use Underpin\Exchange\JobFile;
use Underpin\Job\ExistingFault;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->file = fn () => JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent());
});

it('turns a yes at the wall into a finding with what to do', function (ExistingFault $fault) {
    $said = new ExistingFaultFinding($fault);
    $this->put("$this->base/existing", ['question' => $fault->value, 'found' => '1', 'was' => '{"found":null}'])->assertRedirect();
    $this->get("$this->base/survey")->assertSee($said->statement())->assertSee($said->remedy());
    $job = Job::query()->findOrFail($this->job->id);
    expect($job->worst)->toBe($said->code()->severity()->value);
    $this->put("$this->base/existing", ['question' => $fault->value, 'found' => '0', 'was' => '{"found":true}'])->assertRedirect();
    expect(($this->file)()->service->existing->answer($fault))->toBeFalse()->and(($this->file)()->service->existing->faults())->toBe([]);
    $this->put("$this->base/existing", ['question' => $fault->value, 'found' => '', 'was' => '{"found":false}'])->assertRedirect();
    expect(($this->file)()->service->existing->answer($fault))->toBeNull();
})->with([ExistingFault::MaleCord, ExistingFault::TwoBonds, ExistingFault::NoLabels]);

it('does not answer for somebody else', function () {
    $this->put("$this->base/existing", ['question' => 'male_cord', 'found' => '1', 'was' => '{"found":null}']);
    $this->put(
        "$this->base/existing", ['question' => 'male_cord', 'found' => '0', 'was' => '{"found":null}'], ['X-Parts' => '1'],
    )->assertStatus(409);
    $this->put("$this->base/existing", ['question' => 'cord_lost', 'found' => '1', 'was' => '{"found":null}'])->assertRedirect();
    expect(($this->file)()->service->existing->faults())->toBe([ExistingFault::MaleCord, ExistingFault::CordLost]);
});

it('keeps the facts of the site and says what waits for those that are missing', function () {
    $facts = [
        'gas_meter_cfh' => '0', 'propane_tank_gal' => '250', 'gasoline_gal' => '', 'altitude_ft' => '2,350', 'hottest_f' => '92',
        'coldest_f' => '-12', 'snow_in' => '', 'level' => '1', 'above_flood' => '',
    ];
    $this->put("$this->base/site", $facts)->assertRedirect();
    $site = ($this->file)()->site;
    expect(
        [$site->gasMeterCfh, $site->altitudeFt, $site->coldestF, $site->level, $site->aboveFlood]
    )->toBe([0.0, 2350.0, -12.0, true, null])
        ->and(array_keys($site->missing()))->toBe(['snow and level ground', 'the flood line']);
    $this->get("$this->base/survey")->assertSee('The flood line')->assertDontSee('The altitude');
    $this->put("$this->base/site", ['coldest_f' => '95'] + $facts)->assertSessionHasErrors('coldest_f');
    $this->put("$this->base/site", ['altitude_ft' => 'high'] + $facts)->assertSessionHasErrors('altitude_ft');
    $this->post("$this->base/undo", ['seq' => 1]);
    expect(($this->file)()->site->nothingKnown())->toBeTrue();
});

it('shows what must not lose power while the crew works', function () {
    $this->patch(
        "$this->base/circuits/c4",
        [
            'space' => '4', 'half' => '', 'poles' => '1', 'amps' => '15', 'name' => 'Boiler', 'protection' => 'none', 'note' => '',
            'keep_on' => 'never in frost', 'receptacle_a' => '', 'shares_neutral_with' => '',
        ],
    )->assertRedirect();
    $this->get("$this->base/survey")->assertSee('Must not lose power during the work')->assertSee('never in frost');
});

it('works the load calculation out on a page of its own', function () {
    $fields = [
        'method' => 'standard', 'volts' => '240', 'floor_area_ft2' => '1,500', 'small_appliance_circuits' => '2',
        'laundry_circuits' => '1', 'appliances' => "Water heater, upstairs 4500\ndisposer: 600 VA",
        'ranges_va' => '12000', 'dryers_va' => '5500; 5000', 'ev_chargers_va' => '', 'heating_va' => '0', 'heating_units' => '1',
        'heat_pump_va' => '0', 'supplemental_heat_va' => '0', 'cooling_va' => '3000', 'largest_motor_va' => '0', 'peak_va' => '',
        'new_load_va' => '0',
    ];
    $this->get("$this->base/demand")->assertOk()->assertSee('not worked out yet');
    $this->put("$this->base/demand", $fields)->assertRedirect("$this->base/demand");
    // 3,000 + 35 % of 6,000 + 5,100 + 10,500 + 8,000 + 3,000
    $this->get("$this->base/demand")->assertSee('31,700')->assertSee('220.54')->assertSee('Water heater, upstairs 4500');
    expect(($this->file)()->basis->demand === null ? null : Worksheet::of(($this->file)()->basis->demand)->demandVa)->toBe(31700.0);
});

it('refuses a load calculation by its field and keeps the one that was saved', function (array $change, string $field) {
    $fields = [
        'method' => 'optional', 'volts' => '240', 'floor_area_ft2' => '1500', 'small_appliance_circuits' => '2', 'laundry_circuits' => '1',
        'appliances' => '', 'ranges_va' => '', 'dryers_va' => '', 'ev_chargers_va' => '',
        'heating_va' => '0', 'heating_units' => '1', 'heat_pump_va' => '0', 'supplemental_heat_va' => '0', 'cooling_va' => '0',
        'largest_motor_va' => '0', 'peak_va' => '', 'new_load_va' => '0',
    ];
    $this->put("$this->base/demand", $fields)->assertSessionHasNoErrors();
    $this->put("$this->base/demand", [...$fields, ...$change])->assertSessionHasErrors($field);
    expect(($this->file)()->basis->demand?->dwelling->floorAreaFt2)->toBe(1500.0)->and($this->job->events()->count())->toBe(1);
})->with([
    [['method' => 'guess'], 'method'], [['method' => 'measured'], 'peak_va'], [['floor_area_ft2' => ''], 'floor_area_ft2'],
    [['floor_area_ft2' => '-5'], 'floor_area_ft2'],
    [['ranges_va' => 'big'], 'ranges_va'], [['ranges_va' => '1 2 3 4 5 6'], 'ranges_va'], [['ranges_va' => '28000'], 'ranges_va'],
    [['dryers_va' => '1 2 3 4 5'], 'dryers_va'],
    [['appliances' => 'water heater'], 'appliances'], [['appliances' => "pump 100\npump 200"], 'appliances'],
    [['heating_units' => '1.5'], 'heating_units'],
]);

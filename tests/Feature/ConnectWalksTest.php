<?php

declare(strict_types=1);

namespace Tests\Feature\ConnectWalksTest;

use App\Models\Job;
use Tests\Support\WireForm;
use Underpin\Checks\Review;
use Underpin\Exchange\JobFile;
use Underpin\Job\Job as JobData;
use Underpin\Job\Part\PanelPart;

const HOUSE = <<<'CSV'
panel,space,poles,amps,circuit,protection,role,load,kind,run_w,start_w,pf
,5,2,20,Well pump,none,must,Well pump,pump,1500,5200,0.85
,2,1,20,Refrigerator,none,must,Refrigerator,refrigeration,180,1000,0.9
,4,1,15,Boiler,none,must,Boiler,boiler,240,700,0.9
,6,1,15,Lights,none,must,Lights,lighting,200,200,1
,9,2,50,Range,none,off,Range,cooking,5000,5000,1
CSV;

beforeEach(function () {
    $this->actingAs($this->person('nell@shop.example'));
    $this->post('/jobs', ['name' => 'Walked house'])->assertRedirect();
    $this->job = Job::query()->where('name', 'Walked house')->firstOrFail();
    $this->base = "/jobs/{$this->job->id}";
    $this->post("$this->base/panels/first", ['spaces' => '20', 'main_a' => ''])->assertRedirect();
    $this->file = fn (): JobData => JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent());
    $this->send = function (string $method, string $path, array $fields): void {
        $this->call($method, "$this->base/$path", $fields)->assertRedirect();
        expect(session('errors'))->toBeNull($path);
    };
    // The survey: breakers as a sheet, the panel, where the service is switched off, what else feeds it.
    $this->survey = function (string $csv, array $panel = [], string $place = 'panel'): void {
        $read = $this->post("$this->base/schedule", ['pasted' => $csv])->assertOk();
        ($this->send)('POST', 'schedule/take', ['text' => $read->viewData('text')]);
        ($this->send)('PUT', 'service', ['place' => $place]);
        $known = array_filter(PanelPart::write(($this->file)()->panel()), fn (mixed $v): bool => ! is_array($v));
        $was = array_map(fn (mixed $v): string => is_bool($v) ? (string) (int) $v : (string) $v, $known);
        ($this->send)('PATCH', 'panels/'.($this->file)()->panel()->id, $panel + [
            'main_a' => '200', 'interlock_listed' => '1', 'has_multiwire' => '0', 'bonded' => '1', 'tandem_spaces' => 'none',
            'bus_a' => '200',
        ] + $was);
        ($this->send)('PUT', 'service/other-source', ['kind' => 'none', 'at' => '', 'disconnect' => '', 'run' => '']);
    };
    $this->build = function (string $machine, string $fuel, string $way, array $wire, array $choices = []): void {
        ($this->send)('PUT', 'machine', ['key' => $machine, 'fuel' => $fuel]);
        ($this->send)('PUT', 'connection', ['connection' => $way]);
        foreach ($choices as $path => $fields) {
            ($this->send)('PUT', $path, $fields);
        }
        ($this->send)('PUT', 'wire', WireForm::with($wire));
    };
    // Words of a drawing, from the file that is taken along.
    $this->drawn = fn (string $name, int $sheet = 1): string => html_entity_decode(
        strip_tags(str_replace('</text>', ' ', (string) $this->get("$this->base/drawings/$name/$sheet.svg")->assertOk()->getContent())),
    );
});

it('goes from survey to drawings with one automatic switch that becomes the service disconnect', function () {
    ($this->survey)(HOUSE);
    ($this->build)('stonecrop-14', 'propane', 'automatic_service', ['run_ft' => '40', 'slack_ft' => '6'], [
        'connection/choice/switches_neutral' => ['switches_neutral' => '0'],
        'connection/choice/utility_fault_a' => ['utility_fault_a' => '9800'], 'connection/choice/withstand_a' => ['withstand_a' => '22000'],
    ]);
    $this->get("$this->base/wire")->assertSee('suitable for use as service equipment')->assertSee('Main bonding jumper')
        ->assertSee('Electrode conductor')->assertSee('46 ft one way')->assertSee('Charger and heater')->assertSee('Start and sensing')
        ->assertDontSee('Cord with slack');
    expect(($this->drawn)('one-line'))->toContain(
        'Automatic service-entrance switch',
    )->toContain('rated 200 A')->toContain('fault current 9,800 A')
        ->and(($this->drawn)('hook-up'))->toContain('Grounding electrodes')->toContain('N–G bond')->toContain('start signal 1')
        ->and(($this->drawn)('labels'))->toContain('GENERATOR DISCONNECT')->toContain('WARNING: SHOCK HAZARD');
    $this->get("$this->base/connect")->assertSee('Settings of the switch')->assertSee('Start delay')->assertSee('Load shedding');
    ($this->send)('PUT', 'connection/setting', ['start_s' => '20']);
    ($this->send)('PUT', 'connection/setting', ['warm_up_s' => '15']);
    ($this->send)('PUT', 'connection/setting', ['return_min' => '5']);
    $this->get("$this->base/card")->assertSee('Wait about 35 s: it starts')->assertSee('steady for 5 min');
    ($this->send)('PUT', 'connection/setting', ['start_s' => '']);
    $this->get("$this->base/card")->assertSee('Wait half a minute: it starts');
    expect(($this->file)()->connection->settings)->toBe(['warm_up_s' => 15.0, 'return_min' => 5.0]);
    $this->put("$this->base/connection/setting", ['start_s' => '-1'])->assertSessionHasErrors('start_s');
    ($this->send)('PUT', 'connection/setting', ['nothing' => '1']);
    expect(($this->file)()->connection->settings)->toBe(['warm_up_s' => 15.0, 'return_min' => 5.0]);
    ($this->send)('PUT', 'connection/choice/withstand_a', ['withstand_a' => '5000']);
    $this->get("$this->base/run")->assertSee('danger-head', false)->assertSee('A fault can draw 9,800 A from the utility');
    ($this->send)('PUT', 'connection/choice/withstand_a', ['withstand_a' => '22000']);
    $this->get("$this->base/run")->assertDontSee('A fault can draw 9,800 A from the utility');
    ($this->send)('PUT', 'connection/choice/interrupt_a', ['interrupt_a' => '8000']);
    $this->get("$this->base/run")->assertSee('the breakers interrupt 8,000 A')->assertSee('#way-interrupt_a');
});

it('goes from survey to drawings with an interlock on a full panel, and writes the moves once they are made', function () {
    $rows = array_map(fn (int $s): string => ",$s,1,15,Room $s,none,".($s < 5 ? 'must' : 'off').',Outlets,outlets,300,300,1', range(1, 18));
    ($this->survey)("panel,space,poles,amps,circuit,protection,role,load,kind,run_w,start_w,pf\n".implode("\n", $rows));
    ($this->build)('badger-95', 'gasoline', 'interlock', ['cord_ft' => '25', 'run_ft' => '15']);
    expect(($this->drawn)('panel-moves'))->toContain('Before')->toContain('After')->toContain('Runs, of what is not left off');
    $this->get("$this->base/connect")->assertSee('The 2 moves are made: write the panel as it is now');
    ($this->send)('PUT', 'connection/moves', []);
    $this->get("$this->base/drawings/panel-moves/1.svg")->assertNotFound();
    $panel = ($this->file)()->panel();
    expect($panel?->inTheWayOfInterlock())->toBe([])->and(count($panel->circuits))->toBe(18)
        ->and(($this->drawn)('one-line'))->not->toContain('Draft')
        ->and(($this->drawn)('hook-up'))->toContain('Generator breaker A')->toContain('Main breaker A')
        ->and(($this->drawn)('labels'))->toContain('WARNING: TWO SOURCES');
});

it('goes from survey to drawings with a battery pair on a multi-circuit switch', function () {
    ($this->survey)(HOUSE);
    ($this->build)('crate-38-pair', 'stored energy', 'manual_switch', ['cord_ft' => '25', 'run_ft' => '15'], [
        'connection/switch' => ['switch_kind' => 'pigtails'], 'connection/choice/switches_neutral' => ['switches_neutral' => '0'],
    ]);
    expect(($this->drawn)('one-line'))->toContain('Wrenholt Crate 38')->not->toContain('Draft')
        ->and(($this->drawn)('hook-up'))->toContain('place 1–2 in A')->toContain('splice of 5–7 A')
        ->and(($this->drawn)('plug-faces'))->toContain('L14-30R, female')
        ->and(($this->drawn)('labels'))->toContain('A battery station can feed this building.');
    $this->get("$this->base/run")->assertDontSee('carbon monoxide of the engine')->assertOk();
});

it('goes from survey to drawings with an adapter at the meter, once the utility has said yes', function () {
    ($this->survey)(HOUSE);
    ($this->send)('PATCH', '', [
        'name' => 'Walked house', 'service_a' => '200', 'customer_name' => '', 'customer_address' => '', 'customer_phone' => '',
        'customer_email' => '', 'customer_utility_phone' => '', 'notes' => '',
    ]);
    ($this->build)('badger-95', 'gasoline', 'meter_collar', ['cord_ft' => '25']);
    expect(($this->drawn)('one-line'))->toContain('Draft: ask the utility');
    $this->post('/local-rules', [
        'authority' => 'Tarn Bay', 'edition' => 'NEC 2023', 'splices_in_panel' => '1', 'permit' => '1', 'inspection' => '1',
        'portable_ft' => '20', 'opening_ft' => '', 'property_ft' => '', 'night_db' => '', 'gas_meter_ft' => '',
        'meter_adapter' => '1', 'who' => '',
        'accepts_standard' => '1', 'accepts_optional' => '1',
        'accepts_existing' => '1', 'accepts_measured' => '1', 'notes' => '', 'source' => '', 'dated' => '',
    ])->assertSessionHasNoErrors();
    ($this->send)('PUT', 'rules', ['profile' => 'tarn-bay']);
    expect(($this->drawn)('one-line'))->not->toContain('Draft')->and(($this->drawn)('hook-up'))->toContain('meter-socket adapter')
        ->toContain('Utility, at the meter');
    $this->get("$this->base/wire")->assertSee('between meter and meter socket')->assertDontSee('danger-head', false);
    expect(Review::of(($this->file)())->dangers())->toBe([]);
});

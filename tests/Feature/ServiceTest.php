<?php

declare(strict_types=1);

use Underpin\Exchange\JobFile;
use Underpin\Job\DisconnectPlace;
use Underpin\Service\Distribution;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->file = fn () => JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent());
    $this->panel = [
        'name' => 'Main panel', 'kind' => 'main', 'spaces' => '20', 'main_a' => '200', 'interlock_listed' => '1', 'interlock_space' => '1',
        'has_multiwire' => '0', 'fed_from' => '', 'feeder_a' => '', 'feeder_circuit' => '', 'bonded' => '1', 'tandem_spaces' => '',
        'feeder_ground' => '', 'other_building' => '', 'main_lugs' => '', 'bus_a' => '',
    ];
    $this->settings = fn (array $change, string $panel = 'main') => $this->patch("$this->base/panels/$panel", $change + $this->panel);
});

it('builds a metering cabinet, feeds panels from it and draws the chain', function () {
    $this->put("$this->base/service", ['place' => 'cabinet'])->assertSessionHasNoErrors();
    $add = fn (string ...$fields) => $this->post("$this->base/service/disconnects", $fields)->assertSessionHasNoErrors();
    $add(name: 'House', amps: '200', bonded: '1', marking: '');
    $add(name: 'Barn', amps: '100', bonded: '', marking: '');
    [$house, $barn] = ($this->file)()->service->disconnects;
    $this->post("$this->base/panels", ['name' => 'Barn panel', 'spaces' => '12']);
    $key = $this->job->panels()->where('name', 'Barn panel')->firstOrFail()->key;
    ($this->settings)(['fed_from' => $house->id, 'bonded' => '1'])->assertSessionHasNoErrors();
    ($this->settings)(
        ['name' => 'Barn panel', 'kind' => 'sub', 'spaces' => '12', 'main_a' => '', 'fed_from' => $barn->id, 'bonded' => '0'], $key,
    )->assertSessionHasNoErrors();
    $this->get("$this->base/survey")
        ->assertOk()
        ->assertSee('Main panel bonds neutral and ground, with House ahead of it')
        ->assertSee('Everything in it, until Barn is off');
    $this->patch(
        "$this->base/service/disconnects/$barn->id",
        [
            'name' => 'Barn disconnect', 'amps' => '125', 'bonded' => '1', 'marking' => '',
            'was' => '{"name":"Barn","amps":100,"bonded":null,"marking":null}',
        ],
    )->assertSessionHasNoErrors();
    expect(($this->file)()->service->disconnect($barn->id)?->amps)->toBe(125);
    $this->delete("$this->base/service/disconnects/$barn->id")->assertSessionHasNoErrors();
    expect(($this->file)()->service->disconnects)->toHaveCount(1)->and(($this->file)()->service->panels[1]->fedFrom)->toBe('');
    $this->post("$this->base/undo", ['seq' => $this->job->events()->max('seq')]);
    expect(($this->file)()->service->panels[1]->fedFrom)->toBe($barn->id);
});

it('asks for the marking of a disconnect and the ground of a feeder before it speaks of a bond', function () {
    $this->put("$this->base/service", ['place' => 'meter']);
    $disconnect = ['name' => 'Meter disconnect', 'amps' => '200', 'bonded' => '0', 'marking' => ''];
    $this->post("$this->base/service/disconnects", $disconnect)->assertSessionHasNoErrors();
    $id = ($this->file)()->service->disconnects[0]->id;
    $this->get("$this->base/survey")->assertSee('with Meter disconnect ahead of it: one bond too many, or the only one')
        ->assertSee('What Meter disconnect is marked')->assertSee('its switch, perhaps the service disconnect, 200 A');
    $this->patch("$this->base/service/disconnects/$id", ['marking' => 'not_service'] + $disconnect)->assertSessionHasNoErrors();
    $this->get("$this->base/survey")->assertDontSee('one bond too many')->assertSee('a switch that is not service equipment, 200 A');
    $this->patch("$this->base/service/disconnects/$id", ['marking' => 'service'] + $disconnect)->assertSessionHasNoErrors();
    ($this->settings)(['feeder_ground' => 'wire', 'other_building' => '0'])->assertSessionHasNoErrors();
    $this->get("$this->base/survey")->assertSee('a ground in its feeder: one bond too many')->assertSee('no bond is known at the service');
    $this->patch("$this->base/service/disconnects/$id", ['marking' => 'emergency'] + $disconnect)->assertSessionHasErrors('marking');
    ($this->settings)(['feeder_ground' => 'four'])->assertSessionHasErrors('feeder_ground');
});

it('asks in which building a second main panel on the service stands', function () {
    $asks = 'Whether Shop stands in another building than where the service comes in.';
    $this->post("$this->base/panels", ['name' => 'Shop', 'spaces' => '12']);
    $key = $this->job->panels()->where('name', 'Shop')->firstOrFail()->key;
    $shop = ['name' => 'Shop', 'spaces' => '12'];
    ($this->settings)($shop, $key)->assertSessionHasNoErrors();
    $this->get("$this->base/survey")->assertSee($asks)->assertSee('id="p1-building"', false)->assertDontSee('id="p0-building"', false);
    ($this->settings)(['other_building' => '1'] + $shop, $key)->assertSessionHasNoErrors();
    $this->get("$this->base/survey")->assertDontSee($asks);
    expect(($this->file)()->service->panels[1]->otherBuilding)->toBeTrue();
});

it('refuses a service that cannot be, and keeps what was saved', function (string $method, string $path, array $fields, string $field) {
    $this->put("$this->base/service", ['place' => 'cabinet']);
    foreach (range(1, 6) as $i) {
        $this->post("$this->base/service/disconnects", ['name' => "D$i", 'amps' => '100', 'bonded' => '', 'marking' => '']);
    }
    $before = (string) $this->get("$this->base/job.json")->getContent();
    $this->call($method, $this->base.$path, $fields)->assertSessionHasErrors($field);
    expect((string) $this->get("$this->base/job.json")->getContent())->toBe($before);
})->with([
    'seven' => ['POST', '/service/disconnects', ['name' => 'D7', 'amps' => '100', 'bonded' => '', 'marking' => ''], 'disconnects'],
    'no name' => ['POST', '/service/disconnects', ['name' => '', 'amps' => '100', 'bonded' => '', 'marking' => ''], 'name'],
    'too large' => ['POST', '/service/disconnects', ['name' => 'x', 'amps' => '5000', 'bonded' => '', 'marking' => ''], 'amps'],
    'six at one meter' => ['PUT', '/service', ['place' => 'meter'], 'place'],
    'in the panel after all' => ['PUT', '/service', ['place' => 'panel'], 'place'],
    'nowhere' => ['PUT', '/service', ['place' => 'roof'], 'place'],
]);

it('refuses feeders and tandem spaces that cannot be', function (array $change, string $field) {
    ($this->settings)($change)->assertSessionHasErrors($field);
    expect(($this->file)()->service->panels[0]->fedFrom)->toBe('')->and(($this->file)()->service->panels[0]->tandemSpaces)->toBeNull();
})->with([
    [['fed_from' => 'main'], 'fed_from'], [['fed_from' => 'nothing'], 'fed_from'], [['feeder_a' => '5'], 'feeder_a'],
    [['tandem_spaces' => 'all'], 'tandem_spaces'], [['tandem_spaces' => '90-99'], 'tandem_spaces'], [['bonded' => 'perhaps'], 'bonded'],
]);

it('keeps the tandem spaces as they are read, and moves only where one may sit', function () {
    ($this->settings)(['tandem_spaces' => '17-20, 12'])->assertSessionHasNoErrors();
    expect(($this->file)()->service->panels[0]->tandemSpaces?->words())->toBe('12, 17–20');
    $this->post(
        "$this->base/circuits",
        [
            'panel' => 'main', 'space' => '12', 'half' => 'a', 'poles' => '1', 'amps' => '15', 'name' => 'Half', 'protection' => 'none',
            'note' => '', 'keep_on' => '', 'receptacle_a' => '', 'shares_neutral_with' => '',
        ],
    )->assertSessionHasErrors('space');
    $this->post(
        "$this->base/circuits",
        [
            'panel' => 'main', 'space' => '17', 'half' => 'a', 'poles' => '1', 'amps' => '15', 'name' => 'Half', 'protection' => 'none',
            'note' => '', 'keep_on' => '', 'receptacle_a' => '', 'shares_neutral_with' => '',
        ],
    )->assertSessionHasNoErrors();
    $key = $this->job->circuits()->where('name', 'Half')->firstOrFail()->key;
    $page = (string) $this->get("$this->base/survey?at=$key")
        ->assertSee('19a, leg B: its leg changes')
        ->assertSee('18a, same leg')
        ->getContent();
    expect($page)->not->toContain('>14a, ');
});

it('loses the feed of a panel with the panel that fed it', function () {
    $this->post("$this->base/panels", ['name' => 'Shed', 'spaces' => '12']);
    $shed = $this->job->panels()->where('name', 'Shed')->firstOrFail()->key;
    ($this->settings)(
        [
            'name' => 'Shed', 'kind' => 'sub', 'spaces' => '12', 'main_a' => '', 'fed_from' => 'main', 'feeder_circuit' => 'c10',
            'bonded' => '0',
        ],
        $shed,
    )->assertSessionHasNoErrors();
    expect(Distribution::of(($this->file)())->node($shed)?->feederAmps)->toBe(50);
    $this->get("$this->base/survey")->assertSee('its feeder&#039;s breaker (50 A) in Main panel', false);
    $this->delete("$this->base/panels/main")->assertSessionHasNoErrors();
    expect(($this->file)()->service->panels[0]->fedFrom)->toBe('')->and(($this->file)()->service->place)->toBe(DisconnectPlace::Panel);
});

it('keeps when a load runs, and refuses cycle times of a load that does not cycle', function () {
    $load = [
        'name' => 'Well pump', 'kind' => 'pump', 'run_w' => '1200', 'start_w' => '4800', 'pf' => '1', 'duty' => 'cycling', 'on_s' => '90',
        'off_s' => '600', 'season' => 'summer', 'phase' => 'morning', 'pole' => '', 'plug' => '', 'bridge_min' => '',
    ];
    $this->patch("$this->base/loads/c5-load", $load)->assertSessionHasNoErrors();
    $kept = ($this->file)()->service->panels[0]->circuit('c5')?->loads[0];
    expect(
        [$kept?->duty?->value, $kept?->onS, $kept?->season?->value, $kept?->partOfDay?->value]
    )->toBe(['cycling', 90.0, 'summer', 'morning']);
    foreach (
        [
            ['duty' => '', 'field' => 'on_s'], ['on_s' => '0', 'field' => 'on_s'], ['off_s' => '1e6', 'field' => 'off_s'],
            ['season' => 'monsoon', 'field' => 'season'],
        ] as $wrong
    ) {
        $this->patch("$this->base/loads/c5-load", array_diff_key($wrong, ['field' => 0]) + $load)->assertSessionHasErrors($wrong['field']);
    }
});

it('speaks of the shared neutral before a breaker is moved, and after its leg has changed', function (
    string $multiwire, ?string $before, ?string $after,
) {
    ($this->settings)(['has_multiwire' => $multiwire])->assertSessionHasNoErrors();
    $drawer = $this->get("$this->base/survey?at=c8")->assertOk();
    $moved = $this->patch("$this->base/circuits/c8/move", ['space' => '6', 'was' => '{"space":8}'], ['X-Parts' => '1'])->assertOk();
    $same = $this->patch("$this->base/circuits/c8/move", ['space' => '14', 'was' => '{"space":6}'], ['X-Parts' => '1'])->assertOk();
    $said = fn ($response): string => rawurldecode((string) $response->headers->get('X-Said'));
    $before === null
        ? $drawer->assertDontSee('put into a tandem')
        : $drawer->assertSee('put into a tandem')->assertSee($before)->assertSee('carries the sum');
    expect($said($moved))->toBe('Moved to 6, now leg A'.($after === null ? '' : ". $after"))
        ->and($said($same))->toBe('Moved to 14, still leg A');
    // A two-pole breaker keeps both legs wherever it goes.
    $this->get("$this->base/survey?at=c5")->assertDontSee('put into a tandem');
})->with([
    'none there' => ['0', null, null],
    'some there' => [
        '1', 'First find out whether it shares its neutral',
        'If it shares its neutral with another breaker, that neutral now carries the sum of both',
    ],
    'not known' => [
        '', 'Look first: does it share its neutral',
        'If it shares its neutral with another breaker, that neutral now carries the sum of both',
    ],
]);

it('takes the rating of the service from the only main that switches it off, and leaves one that was noted', function () {
    $this->job->update(['service_a' => null]);
    ($this->settings)(['main_a' => '150'])->assertSessionHasNoErrors();
    $this->put("$this->base/service", ['place' => 'meter'])->assertSessionHasNoErrors();
    expect(($this->file)()->service->amps)->toBeNull();
    $this->put("$this->base/service", ['place' => 'panel'])->assertSessionHasNoErrors();
    expect(($this->file)()->service->amps)->toBe(150);
    ($this->settings)(['main_a' => '125'])->assertSessionHasNoErrors();
    $this->put("$this->base/service", ['place' => ''])->assertSessionHasNoErrors();
    $this->put("$this->base/service", ['place' => 'panel'])->assertSessionHasNoErrors();
    expect(($this->file)()->service->amps)->toBe(150);
});

<?php

declare(strict_types=1);

use App\Models\Job;
use Tests\Support\WireForm;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->export = fn () => $this->get("$this->base/job.json")->getContent();
});

it('changes a role and answers with the parts that changed', function () {
    $response = $this->patch(
        "$this->base/circuits/c8/role", ['role' => 'must', 'was' => '{"role":"room"}'], ['X-Parts' => '1'],
    )->assertOk();
    expect($response->getContent())
        ->toContain('id="part-strip"')
        ->toContain('id="c-c8"')
        ->toContain('id="row-c8"')
        ->toContain('id="part-role"')
        // The head of the printed page says the verdict as it is now.
        ->toContain('class="print-verdict"')->not->toContain('id="part-drawer"')->not->toContain('<html')
        ->and($this->job->circuits()->where('key', 'c8')->value('role'))->toBe('must');
});

it('works as a plain form too', function () {
    $this->patch("$this->base/circuits/c8/role", ['role' => 'must'])->assertRedirect("$this->base/loads?at=c8");
});

it('takes back and does again, also after signing in again', function () {
    $before = ($this->export)();
    $this->patch("$this->base/circuits/c8/role", ['role' => 'must']);
    $this->post(
        "$this->base/circuits/c8/loads", ['name' => 'Radio', 'kind' => 'electronics', 'run_w' => '1,200', 'start_w' => '', 'pf' => '0.9'],
    );
    $this->delete("$this->base/circuits/c5");
    $this->put("$this->base/machine", ['key' => 'otter-80', 'fuel' => 'propane']);
    $after = ($this->export)();
    $this->post('/sign-out');
    $this->actingAs($this->user);
    foreach ([4, 3, 2, 1] as $seq) {
        $this->post("$this->base/undo", ['seq' => $seq, 'label' => 'x'])->assertSessionHasNoErrors();
    }
    expect(($this->export)())->toBe($before);
    // Each step back was a step of its own, on top of the others.
    foreach ([8, 7, 6, 5] as $seq) {
        $this->post("$this->base/redo", ['seq' => $seq, 'label' => 'x'])->assertSessionHasNoErrors();
    }
    expect(($this->export)())->toBe($after);
});

it('keeps what was undone in the history once something else is done, but does not do it again', function () {
    $this->patch("$this->base/circuits/c8/role", ['role' => 'must']);
    $this->post("$this->base/undo", ['seq' => 1]);
    $this->patch("$this->base/circuits/c8/role", ['role' => 'off']);
    $this->post("$this->base/redo", ['seq' => 2])->assertSessionHasErrors('history');
    expect(
        $this->job->events()->orderBy('seq')->get()->map(fn ($e) => [$e->seq, $e->undoes, $e->by])->all()
    )->toBe([[1, null, $this->user->name], [2, 1, $this->user->name], [3, null, $this->user->name]]);
});

it('undoes nothing that the person has not seen', function () {
    $this->patch("$this->base/circuits/c8/role", ['role' => 'must']);
    $this->patch("$this->base/circuits/c8/role", ['role' => 'off']);
    $this->post("$this->base/undo", ['seq' => 1])->assertSessionHasErrors('history');
    expect($this->job->circuits()->where('key', 'c8')->value('role'))->toBe('off');
});

it('tells the second saver and shows both', function () {
    $colleague = $this->person('bo@one.example', $this->user->shop);
    $was = json_encode(['name' => 'Boiler', 'amps' => 15]);
    $fields = [
        'space' => 4, 'poles' => 1, 'protection' => 'none', 'keep_on' => '', 'receptacle_a' => '',
        'shares_neutral_with' => '', 'note' => '', 'half' => '',
    ];
    $this->actingAs($colleague)->patch(
        "$this->base/circuits/c4", ['name' => 'Gas boiler', 'amps' => '15', 'was' => $was, ...$fields],
    )->assertRedirect();
    $this->flushSession();
    $response = $this->actingAs($this->user)->patch(
        "$this->base/circuits/c4", ['name' => 'Oil boiler', 'amps' => '15', 'was' => $was, ...$fields], ['X-Parts' => '1'],
    )->assertStatus(409);
    expect($response->getContent())->toContain('Gas boiler')->toContain('Oil boiler')->toContain('Bo')
        ->and($this->job->circuits()->where('key', 'c4')->value('name'))->toBe('Gas boiler');
    // Putting mine instead is a deliberate second step.
    $this->patch(
        "$this->base/circuits/c4", ['name' => 'Oil boiler', 'amps' => '15', 'was' => json_encode(['name' => 'Gas boiler']), ...$fields],
    )->assertRedirect();
    expect($this->job->circuits()->where('key', 'c4')->value('name'))->toBe('Oil boiler');
});

it('lets two people change different things of one circuit', function () {
    $fields = [
        'space' => 4, 'poles' => 1, 'protection' => 'none', 'half' => '', 'keep_on' => '', 'receptacle_a' => '',
        'shares_neutral_with' => '', 'note' => '',
    ];
    $was = json_encode(['name' => 'Boiler', 'amps' => 15]);
    $this->patch("$this->base/circuits/c4", ['name' => 'Gas boiler', 'amps' => '15', 'was' => $was, ...$fields])->assertRedirect();
    $this->patch("$this->base/circuits/c4/role", ['role' => 'room', 'was' => '{"role":"must"}'])->assertRedirect();
    expect($this->job->circuits()->where('key', 'c4')->first()?->only(['name', 'role']))->toBe(['name' => 'Gas boiler', 'role' => 'room']);
});

it('says so when the thing is gone', function () {
    $this->delete("$this->base/circuits/c4");
    $this->patch(
        "$this->base/circuits/c4/role", ['role' => 'must'], ['X-Parts' => '1'],
    )->assertStatus(409)->assertSee('removed in the meantime');
});

it('refuses by field, in the core\'s own words, and changes nothing', function (string $method, string $path, array $input, string $field) {
    $before = ($this->export)();
    $this->call(
        $method, $this->base.$path, $input, server: ['HTTP_ACCEPT' => 'application/json'],
    )->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(($this->export)())->toBe($before)->and($this->job->events()->count())->toBe(0);
})->with([
    ['PATCH', '/circuits/c8/role', ['role' => 'sometimes'], 'role'],
    [
        'PATCH', '/circuits/c8',
        [
            'half' => '', 'space' => '7', 'poles' => '1', 'amps' => '20', 'name' => 'x', 'protection' => 'none', 'keep_on' => '',
            'receptacle_a' => '', 'shares_neutral_with' => '', 'note' => '',
        ],
        'space',
    ],
    [
        'PATCH', '/circuits/c8',
        [
            'half' => '', 'space' => '99', 'poles' => '1', 'amps' => '20', 'name' => 'x', 'protection' => 'none', 'keep_on' => '',
            'receptacle_a' => '', 'shares_neutral_with' => '', 'note' => '',
        ],
        'space',
    ],
    [
        'PATCH', '/circuits/c8',
        [
            'half' => '', 'space' => '8', 'poles' => '1', 'amps' => 'many', 'name' => 'x', 'protection' => 'none', 'keep_on' => '',
            'receptacle_a' => '', 'shares_neutral_with' => '', 'note' => '',
        ],
        'amps',
    ],
    [
        'PATCH', '/circuits/c8',
        [
            'half' => '', 'space' => '8', 'poles' => '1', 'amps' => '20', 'name' => str_repeat('x', 101), 'protection' => 'none',
            'keep_on' => '', 'receptacle_a' => '', 'shares_neutral_with' => '', 'note' => '',
        ],
        'name',
    ],
    [
        'POST', '/circuits',
        [
            'panel' => 'main', 'half' => '', 'space' => '19', 'poles' => '2', 'amps' => '20', 'name' => 'x', 'protection' => 'none',
            'keep_on' => '', 'receptacle_a' => '', 'shares_neutral_with' => '', 'note' => '',
        ],
        'space',
    ],
    ['POST', '/circuits/c8/loads', ['name' => '', 'kind' => 'other', 'run_w' => '', 'start_w' => '', 'pf' => '1'], 'name'],
    ['POST', '/circuits/c8/loads', ['name' => 'x', 'kind' => 'other', 'run_w' => '-5', 'start_w' => '', 'pf' => '1'], 'run_w'],
    ['POST', '/circuits/c8/loads', ['name' => 'x', 'kind' => 'other', 'run_w' => '100', 'start_w' => '50', 'pf' => '1'], 'start_w'],
    ['POST', '/circuits/c8/loads', ['name' => 'x', 'kind' => 'other', 'run_w' => '1e99', 'start_w' => '', 'pf' => '1'], 'run_w'],
    ['POST', '/circuits/c8/loads', ['name' => ['a'], 'kind' => 'other'], 'name'],
    [
        'PATCH', '/loads/c8-load',
        [
            'name' => 'x', 'kind' => 'nothing', 'run_w' => '', 'start_w' => '', 'pf' => '1', 'duty' => '', 'on_s' => '', 'off_s' => '',
            'season' => '', 'phase' => '', 'pole' => '', 'plug' => '', 'bridge_min' => '',
        ],
        'kind',
    ],
    [
        'PATCH', '/panels/main',
        [
            'name' => 'P', 'kind' => 'main', 'spaces' => '8', 'interlock_space' => '1', 'main_a' => '', 'interlock_listed' => '',
            'has_multiwire' => '', 'fed_from' => '', 'feeder_a' => '', 'feeder_circuit' => '', 'bonded' => '', 'tandem_spaces' => '',
            'feeder_ground' => '', 'other_building' => '', 'main_lugs' => '', 'bus_a' => '',
        ],
        'space',
    ],
    [
        'PATCH', '/panels/main',
        [
            'name' => 'P', 'kind' => 'main', 'spaces' => '21', 'interlock_space' => '1', 'main_a' => '', 'interlock_listed' => '',
            'has_multiwire' => '', 'fed_from' => '', 'feeder_a' => '', 'feeder_circuit' => '', 'bonded' => '', 'tandem_spaces' => '',
            'feeder_ground' => '', 'other_building' => '', 'main_lugs' => '', 'bus_a' => '',
        ],
        'spaces',
    ],
    ['PUT', '/machine', ['key' => 'nothing', 'fuel' => 'gasoline'], 'key'],
    ['PUT', '/machine', ['key' => 'otter-80', 'fuel' => 'diesel'], 'fuel'],
    ['PUT', '/connection', ['connection' => 'wish'], 'connection'],
    [
        'PUT', '/wire',
        WireForm::with(['cord_ft' => '-3']),
        'cord_ft',
    ],
    [
        'PUT', '/wire',
        WireForm::with(['terminal_c' => '61']),
        'terminal_c',
    ],
    ['PUT', '/wire', WireForm::with(['bend_deg' => '-90']), 'bend_deg'], ['PUT', '/wire', WireForm::with(['raceway' => 'hose']), 'raceway'],
    ['PUT', '/wire', WireForm::with(['torque_inlet_inlb' => '0']), 'torque_inlet_inlb'],
    ['PUT', '/margin', ['margin_pct' => '100'], 'margin_pct'],
    'a field that was not sent does not fall back to its default' => ['PUT', '/margin', [], 'margin_pct'],
    'a role that was not sent' => ['PATCH', '/circuits/c8/role', [], 'role'],
    [
        'PATCH', '',
        [
            'name' => 'x', 'service_a' => '10000', 'customer_name' => '', 'customer_address' => '', 'customer_phone' => '',
            'customer_email' => '', 'customer_utility_phone' => '', 'notes' => '',
        ],
        'service_a',
    ],
]);

it('goes the whole way with forms alone', function () {
    $this->put("$this->base/machine", ['key' => 'badger-95', 'fuel' => 'gasoline', 'was' => '{}'])->assertRedirect("$this->base/size");
    $this->put("$this->base/connection", ['connection' => 'interlock'])->assertRedirect("$this->base/connect");
    $this->put(
        "$this->base/wire",
        WireForm::with(['cord_ft' => '25', 'run_ft' => '20', 'method' => 'NM']),
    )->assertRedirect("$this->base/wire");
    $this->put("$this->base/start-routine", ['start_school' => 'cord_first'])->assertRedirect("$this->base/run");
    $this->get("$this->base/run")->assertSee('5–7')->assertSee('Well pump')->assertDontSee('Draft: do not hand over');
    expect(Job::query()->findOrFail($this->job->id)->reached)->toBe('wire');
});

it('finds typical loads by a few letters', function () {
    $this->get("$this->base/library?q=well+2+hp&circuit=c5")->assertOk()->assertSee('Well pump, 2 hp')->assertDontSee('Freezer');
    $this->get("$this->base/library?q=".urlencode("%_'\"<script>").'&circuit=c5')->assertOk()->assertSee('Nothing like that');
});

it('refuses what is not quite text, by field', function () {
    $this->post(
        "$this->base/circuits/c8/loads", ['name' => "Pump \xC3\x28", 'kind' => 'other', 'run_w' => '10', 'start_w' => '', 'pf' => '1'],
    )->assertSessionHasErrors('name');
    expect($this->job->loads()->where('name', 'like', 'Pump%')->count())->toBe(0);
});

it('escapes whatever people type', function () {
    $this->post(
        "$this->base/circuits",
        [
            'panel' => 'main', 'half' => '', 'space' => '13', 'poles' => '1', 'amps' => '20', 'name' => '<script>alert(1)</script>',
            'protection' => 'none', 'keep_on' => '', 'receptacle_a' => '', 'shares_neutral_with' => '', 'note' => '',
        ],
    )->assertRedirect();
    $html = $this->get("$this->base/loads")->getContent();
    expect($html)->not->toContain('<script>alert')->toContain('&lt;script&gt;alert');
});

it('takes a load from its nameplate, at the volts of its circuit', function () {
    $plate = [
        'name' => 'Pump', 'kind' => 'pump', 'pf' => '0.8', 'rla' => '10', 'lra' => '42', 'hp' => '', 'code_letter' => '',
        'soft_start_pct' => '100',
    ];
    $this->post("$this->base/circuits/c5/nameplate", $plate)->assertRedirect();
    $load = $this->job->loads()->where('name', 'Pump')->firstOrFail();
    expect([$load->run_w, $load->start_w])->toEqualWithDelta([1920.0, 8064.0], 1e-9);
    foreach (
        [
            'hp' => ['hp' => '1'], 'rla' => ['rla' => ''], 'lra' => ['lra' => '9'], 'code_letter' => ['rla' => '', 'hp' => '1'],
            'soft_start_pct' => ['soft_start_pct' => '0'],
        ] as $field => $change
    ) {
        $this->post("$this->base/circuits/c5/nameplate", [...$plate, ...$change])->assertSessionHasErrors($field);
    }
    expect($this->job->events()->count())->toBe(1);
});

it('moves a breaker and says what becomes of its leg', function () {
    $this->patch(
        "$this->base/circuits/c2/move", ['space' => '12', 'stage' => 'survey', 'was' => '{"space":2}'],
    )->assertSessionHasErrors('space');
    $same = $this->patch(
        "$this->base/circuits/c2/move", ['space' => '1', 'stage' => 'survey', 'was' => '{"space":2}'], ['X-Parts' => '1'],
    )->assertOk();
    expect(rawurldecode((string) $same->headers->get('X-Said')))->toBe('Moved to 1, still leg A');
    $other = $this->patch(
        "$this->base/circuits/c2/move", ['space' => '3', 'stage' => 'survey', 'was' => '{"space":1}'], ['X-Parts' => '1'],
    )->assertOk();
    expect(rawurldecode((string) $other->headers->get('X-Said')))->toBe('Moved to 3, now leg B')
        ->and($this->job->circuits()->where('key', 'c2')->value('space'))->toBe(3);
});

it('shows in every form what stands there by the names that the form sends', function (string $page, string $form, array $names) {
    $html = new DOMDocument;
    @$html->loadHTML((string) $this->get("$this->base/$page")->assertOk()->getContent());
    $was = (new DOMXPath($html))->query("//form[@id='$form']//input[@name='was']")->item(0)?->getAttribute('value');
    expect(array_keys(json_decode((string) $was, true)))->toEqualCanonicalizing($names);
})->with([
    ['wire', 'wire-form', array_keys(WireForm::with())],
    [
        'survey?at=c5', 'breaker-form',
        ['space', 'half', 'poles', 'amps', 'name', 'protection', 'note', 'keep_on', 'receptacle_a', 'shares_neutral_with'],
    ],
    ['survey?at=c5', 'move-form', ['space']],
    ['loads?at=c5', 'role-form', ['role']],
]);

it('tells the second who changes how the wire is laid', function () {
    $fields = WireForm::with(['cord_ft' => '25', 'run_ft' => '20']);
    $this->put("$this->base/wire", $fields)->assertSessionHasNoErrors();
    $was = json_encode(['method' => 'conduit', 'material' => 'cu']);
    $this->put("$this->base/wire", ['method' => 'NM', 'was' => $was] + $fields)->assertSessionHasNoErrors();
    $this->put("$this->base/wire", ['material' => 'al', 'was' => $was] + $fields)->assertSessionHasNoErrors();
    $this->put("$this->base/wire", ['material' => 'cu', 'method' => 'conduit', 'was' => $was] + $fields);
    $this->flushSession();
    $this->actingAs($this->user)->put("$this->base/wire", ['material' => 'al', 'was' => json_encode(['material' => 'x'])] + $fields)
        ->assertStatus(409);
});

it('lets nobody put a choice over one that was made meanwhile', function (
    string $path, array $theirs, array $mine, array $was, string $says,
) {
    $this->put("$this->base/$path", $theirs)->assertSessionHasNoErrors()->assertRedirect();
    $before = ($this->export)();
    // What the page showed is not what stands there any more.
    $this->put("$this->base/$path", $mine + ['was' => json_encode($was)], ['X-Parts' => '1'])->assertStatus(409)->assertSee($says);
    expect(($this->export)())->toBe($before);
})->with([
    'the machine' => [
        'machine', ['key' => 'heron-65', 'fuel' => 'gasoline'], ['key' => 'otter-60', 'fuel' => 'gasoline'],
        ['machine' => null, 'fuel' => null], 'heron-65',
    ],
    'the local rules' => ['rules', ['profile' => 'port-merrin'], ['profile' => 'tarn-county'], ['profile' => ''], 'port-merrin'],
]);

it('says on its page what a choice was, for the machine and for the local rules', function () {
    $this->get("$this->base/size")->assertSee('{"machine":null,"fuel":null}');
    $this->get("$this->base/rules")->assertSee('{"profile":""}');
});

it('lets nobody put the settings of a recording over others, and keeps what somebody else changed of it', function () {
    $this->post("$this->base/recordings", ['name' => 'Evening', 'inlet_a' => '30', 'buffer_a' => '0'])->assertRedirect();
    $key = $this->job->recordings()->firstOrFail()->key;
    $was = json_encode(['name' => 'Evening', 'inlet_a' => 30, 'buffer_a' => 0]);
    $form = fn (array $change): array => $change + ['name' => 'Evening', 'inlet_a' => '30', 'buffer_a' => '0', 'was' => $was];
    $this->post("$this->base/recordings/$key/stop")->assertRedirect();
    $this->put("$this->base/recordings/$key", $form(['buffer_a' => '4']))->assertRedirect();
    $this->put("$this->base/recordings/$key", $form(['buffer_a' => '7']), ['X-Parts' => '1'])->assertStatus(409)->assertSee('4');
    expect($this->job->recordings()->firstOrFail()->only(['buffer_a', 'ended']))->toBe(['buffer_a' => 4.0, 'ended' => true]);
});

<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\LibraryLoad;
use App\Models\Machine;
use App\Models\User;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->export = fn () => $this->get("$this->base/job.json")->getContent();
    $this->breaker = [
        'panel' => 'main', 'space' => '13', 'half' => '', 'poles' => '1', 'amps' => '20', 'name' => 'Garage', 'protection' => 'gfci',
        'keep_on' => '', 'receptacle_a' => '', 'shares_neutral_with' => '', 'note' => '',
    ];
});

it('adds a sub-panel and takes it away with everything in it, and undoes both', function () {
    $before = ($this->export)();
    $this->post("$this->base/panels", ['name' => 'Garage panel', 'spaces' => '12'])->assertRedirect();
    $panel = $this->job->panels()->where('name', 'Garage panel')->firstOrFail();
    expect($panel->kind)->toBe('sub');
    $this->post("$this->base/circuits", ['panel' => $panel->key, 'space' => '3'] + $this->breaker)->assertSessionHasNoErrors();
    $circuit = $this->job->circuits()->where('panel_id', $panel->id)->firstOrFail();
    $this->post(
        "$this->base/circuits/$circuit->key/loads",
        ['name' => 'Door', 'kind' => 'tool', 'run_w' => '400', 'start_w' => '1000', 'pf' => '0.85'],
    );
    $full = ($this->export)();
    $this->delete("$this->base/panels/$panel->key")->assertRedirect();
    expect($this->job->circuits()->where('panel_id', $panel->id)->count())->toBe(0);
    $this->post("$this->base/undo", ['seq' => 4]);
    expect(($this->export)())->toBe($full);
    foreach ([3, 2, 1] as $seq) {
        $this->post("$this->base/undo", ['seq' => $seq]);
    }
    expect(($this->export)())->toBe($before);
});

it('adds a breaker where it was asked for, in the halves of a tandem too', function () {
    $this->post("$this->base/circuits", $this->breaker)->assertRedirect();
    $this->post("$this->base/circuits", ['space' => '14', 'half' => 'a', 'name' => 'Upper'] + $this->breaker)->assertSessionHasNoErrors();
    $this->post("$this->base/circuits", ['space' => '14', 'half' => 'b', 'name' => 'Lower'] + $this->breaker)->assertSessionHasNoErrors();
    $this->post(
        "$this->base/circuits", ['space' => '14', 'half' => 'b', 'name' => 'Again'] + $this->breaker,
    )->assertSessionHasErrors('space');
    $this->post(
        "$this->base/circuits", ['space' => '15', 'half' => 'a', 'poles' => '2', 'name' => 'Outer pair'] + $this->breaker,
    )->assertSessionHasNoErrors();
    $this->get("$this->base/survey")->assertSee('15a–17b Outer pair');
    $this->get("$this->base/survey")->assertSee('Upper')->assertSee('Lower')->assertDontSee('Again');
});

it('shows the drawer of a free space with the leg it hangs on', function () {
    $this->get("$this->base/survey?panel=main&space=13")->assertSee('New breaker in space 13')->assertSee('leg A');
    $this->get("$this->base/survey?panel=main&space=15")->assertSee('leg B here');
});

it('removes a breaker with its loads', function () {
    $this->delete("$this->base/circuits/c5", ['stage' => 'survey'])->assertRedirect();
    expect($this->job->loads()->count())->toBe(4);
    $this->delete("$this->base/loads/c2-load")->assertRedirect();
    expect($this->job->loads()->count())->toBe(3);
    $this->get("$this->base/loads?at=c2")->assertSee('has no watts');
});

it('changes a load and the strip with it', function () {
    $response = $this->patch(
        "$this->base/loads/c2-load",
        [
            'name' => 'Fridge', 'kind' => 'refrigeration', 'run_w' => '2,400', 'start_w' => '3600', 'pf' => '1', 'duty' => '',
            'on_s' => '', 'off_s' => '', 'season' => '', 'phase' => '', 'pole' => '', 'plug' => '', 'bridge_min' => '',
        ],
        ['X-Parts' => '1'],
    )->assertOk();
    // 5 A of the pump and 20 A of the fridge on leg A
    expect($response->getContent())->toContain('<b>25.0</b>');
});

it('leaves a job its machine when the catalogue changes', function () {
    $this->put("$this->base/machine", ['key' => 'otter-80', 'fuel' => 'gasoline']);
    Machine::query()
        ->where('shop_id', $this->user->shop_id)
        ->where('key', 'otter-80')
        ->update(['name' => 'Something else', 'ratings' => '[{"fuel":"gasoline","run_w":100,"peak_w":100}]']);
    $this->get("$this->base/run")->assertSee('Dunmarrow Otter 80')->assertDontSee('Something else');
    $this->put("$this->base/machine", ['key' => '', 'fuel' => ''])->assertRedirect();
    expect(Job::query()->findOrFail($this->job->id)->machine)->toBeNull();
});

it('ranks the catalogue by fuel and margin', function () {
    $this->get("$this->base/size?only=natural+gas")->assertSee('on natural gas')->assertDontSee('on gasoline');
    $this->get("$this->base/size?only=diesel")->assertSee('No machine in the catalogue burns diesel');
    $first = fn () => preg_match('#<th scope="row">([^<]+)<small#', (string) $this->get("$this->base/size")->getContent(), $found)
        ? trim($found[1])
        : '';
    $small = $first();
    $this->put("$this->base/margin", ['margin_pct' => '70'])->assertRedirect();
    expect($first())->not->toBe($small);
});

it('says on the connect page what is possible and why', function () {
    $this->get("$this->base/connect")
        ->assertSee('Possible here')
        ->assertSee('Not possible here')
        ->assertSee('Well pump')
        ->assertSee('Best fit here:');
    $this->get("$this->base/connect?open=interlock")->assertSee('NEC 2023 408.36(D)');
});

it('shows a conflict as a page of its own to a plain form', function () {
    $this->patch("$this->base/circuits/c8/role", ['role' => 'must', 'was' => '{"role":"off"}'])
        ->assertStatus(409)
        ->assertSee('Somebody else has changed this')
        ->assertSee('Put mine instead')
        ->assertSee('<html', false);
});

it('finds stages and circuits of the job that is open', function () {
    $this->get("/find?q=si&job={$this->job->id}")->assertSee('Size')->assertDontSee('Survey');
    $this->get("/find?q=boil&job={$this->job->id}")->assertSee('Boiler')->assertSee("/jobs/{$this->job->id}/loads?at=c4", false);
    $this->get('/find?q=boil')->assertDontSee('loads?at=')->assertDontSee('>Size<', false);
});

it('saves the name of a person, and no name that is none', function () {
    $this->put('/account', ['name' => 'Ada L.'])->assertSessionHasNoErrors();
    $this->put('/account', ['name' => ''])->assertSessionHasErrors('name');
    expect(User::query()->findOrFail($this->user->id)->name)->toBe('Ada L.');
});

it('tells the board how far a job has come and what is wrong', function () {
    $row = fn () => Job::query()->findOrFail($this->job->id);
    expect($row()->reached)->toBe('loads');
    $this->put("$this->base/machine", ['key' => 'finch-22', 'fuel' => 'gasoline']);
    expect($row()->reached)->toBe('size')->and($row()->worst)->toBe('wrong')->and($row()->findings)->toBeGreaterThan(0);
    $this->get('/')->assertSee('findings, the worst: wrong');
});

it('lets the shop put its own figures and its own loads into the library', function () {
    $fields = [
        'name' => 'Goat milker', 'kind' => 'pump', 'role' => 'must', 'words' => 'milking, goats', 'pf' => '0.85', 'volts' => '120',
        'run_low_w' => '400', 'start_low_w' => '900',
        'run_usual_w' => '700', 'start_usual_w' => '1,900', 'run_high_w' => '900', 'start_high_w' => '3000',
    ];
    $this->get('/library/new')->assertOk()->assertSee('A load of our own');
    $this->post('/library', $fields)->assertRedirect('/catalogue');
    $this->get("$this->base/library?q=goats&circuit=c2")->assertSee('Goat milker')->assertSee('700 W');
    $load = LibraryLoad::query()->where('name', 'Goat milker')->firstOrFail();
    $this->put("/library/$load->id", ['run_high_w' => '1000'] + $fields)->assertRedirect('/catalogue');
    expect($load->refresh()->run_high_w)->toEqual(1000.0);
    foreach (
        [
            'start_usual_w' => '600', 'run_high_w' => '100', 'pf' => '1.2', 'kind' => 'beast', 'name' => 'Refrigerator', 'volts' => '208',
            'run_low_w' => '',
        ] as $field => $value
    ) {
        $this->put("/library/$load->id", [$field => $value] + $fields)->assertSessionHasErrors($field);
    }
    $this->get("/library/$load->id")->assertOk()->assertSee('Goat milker');
    $stranger = $this->person('sam@two.example');
    $this->flushSession();
    $this->actingAs($stranger)->get("/library/$load->id")->assertNotFound();
    $this->put("/library/$load->id", $fields)->assertNotFound();
});

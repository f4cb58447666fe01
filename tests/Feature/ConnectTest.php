<?php

declare(strict_types=1);

use App\Access\PersonRole;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Connection\Ways;
use Underpin\Job\Circuit;
use Underpin\Job\DemandInputs;
use Underpin\Job\DemandMethod;
use Underpin\Job\Dwelling;
use Underpin\Job\MachineKind;
use Underpin\Job\Outlet;
use Underpin\Job\Role;
use Underpin\Job\ShedLoad;

beforeEach(function () {
    $this->nell = $this->person('nell@shop.example');
    $this->actingAs($this->nell);
    $this->row = $this->job($this->nell, Houses::small(Houses::supply()));
    $this->file = fn () => JobRows::read($this->row->refresh());
    $this->send = fn (string $to, array $fields) => $this->put("/jobs/{$this->row->id}/$to", $fields);
});

it('shows every way in one table, the best fit first, with money by the price book', function () {
    $page = $this->get("/jobs/{$this->row->id}/connect")->assertOk();
    foreach (Ways::standard()->options() as $words) {
        $page->assertSee(ucfirst($words));
    }
    $page->assertSeeInOrder(['Best fit here', 'Interlock on the panel main', 'Extension cords only'])->assertSee('Price book');
    $this->get("/jobs/{$this->row->id}/connect?open=meter_collar")->assertSee('The utility must have approved that adapter');
});

it('keeps what a pick was made for, and says what changed once it does not fit', function () {
    ($this->send)('connection', ['connection' => 'manual_switch', 'was' => '{"connection":null}'])->assertSessionHasNoErrors();
    $for = ($this->file)()->connection->pickedFor;
    expect([$for->machine, count($for->must)])->toBe(['m', 3]);
    $this->get("/jobs/{$this->row->id}/connect")->assertDontSee('does not fit any more');
    JobEditor::change($this->row->refresh(), $this->nell, 'The range must run', function ($file) {
        $panel = $file->service->panels[0];
        $all = fn (Circuit $c): Circuit => $c->with(role: Role::Must, breakerAmps: max(40, $c->breakerAmps));

        return $file->with($file->service->withPanel($panel->with(circuits: array_map($all, $panel->circuits))));
    });
    $this->get("/jobs/{$this->row->id}/connect")->assertSee('The way that was picked does not fit any more.')->assertSee('must run since');
    ($this->send)('connection', ['connection' => '', 'was' => '{"connection":"manual_switch"}']);
    expect(($this->file)()->connection->pickedFor)->toBeNull();
});

it('takes what a way leaves to choose, and refuses what is not there', function () {
    ($this->send)('connection/choice/switches_neutral', ['switches_neutral' => '1', 'was' => '{"switches_neutral":null}'])
        ->assertSessionHasNoErrors();
    ($this->send)(
        'connection/choice/switch_meters', ['switch_meters' => '1', 'was' => '{"switch_meters":false}'],
    )->assertSessionHasNoErrors();
    ($this->send)(
        'connection/choice/single_circuit', ['single_circuit' => 'c4', 'was' => '{"single_circuit":""}'],
    )->assertSessionHasNoErrors();
    ($this->send)('connection/choice/fed_panel', ['fed_panel' => 'main', 'was' => '{"fed_panel":""}'])->assertSessionHasNoErrors();
    $connection = ($this->file)()->connection;
    expect([$connection->switchesNeutral, $connection->meters, $connection->circuit, $connection->panel])->toBe([true, true, 'c4', 'main']);

    ($this->send)(
        'connection/choice/fed_panel', ['fed_panel' => 'attic', 'was' => '{"fed_panel":"main"}'],
    )->assertSessionHasErrors('fed_panel');
    ($this->send)('connection/choice/single_circuit', ['single_circuit' => 'zz', 'was' => '{"single_circuit":"c4"}'])
        ->assertSessionHasErrors('single_circuit');
    ($this->send)('connection/choice/way', ['way' => 'x'])->assertNotFound();
    // The second who chooses the same is told.
    ($this->send)(
        'connection/choice/switches_neutral', ['switches_neutral' => '0', 'was' => '{"switches_neutral":null}'],
    )->assertStatus(409);
    expect(($this->file)()->connection->switchesNeutral)->toBeTrue();
});

it('plans what is shed, in its order, and takes it back', function () {
    $none = '{"priority":null,"delay_s":null}';
    ($this->send)('connection/shed', ['circuit' => 'c5', 'priority' => '1', 'delay_s' => '60', 'was' => $none])->assertSessionHasNoErrors();
    ($this->send)('connection/shed', ['circuit' => 'c2', 'priority' => '2', 'delay_s' => '30', 'was' => $none])->assertSessionHasNoErrors();
    expect(
        array_map(fn ($s) => [$s->circuit, $s->priority, $s->delayS], ($this->file)()->connection->shed),
    )->toBe([['c5', 1, 60], ['c2', 2, 30]]);
    ($this->send)('connection/shed', ['circuit' => 'c5', 'priority' => '', 'delay_s' => '60', 'was' => '{"priority":1,"delay_s":60}']);
    expect(($this->file)()->connection->shed)->toHaveCount(1);
    ($this->send)(
        'connection/shed', ['circuit' => 'c2', 'priority' => '99', 'delay_s' => '30', 'was' => $none],
    )->assertSessionHasErrors('priority');
    ($this->send)('connection/shed', ['circuit' => 'gone', 'priority' => '1', 'delay_s' => '30', 'was' => $none])->assertStatus(409);
});

it('shows what is shed as a table, with what stays in the worst case', function () {
    $standby = Houses::supply(18_000, 18_000, 240, Outlet::Terminals, 80, MachineKind::Standby);
    $job = Changed::of(
        Houses::small($standby, 'automatic'), demand: new DemandInputs(DemandMethod::Optional, 240.0, new Dwelling(2000)),
    );
    $row = $this->job($this->nell, $job->with($job->connection->with(shed: [new ShedLoad('c5', 1, 60)])));
    $this->get("/jobs/$row->id/connect")->assertOk()->assertSeeInOrder(
        ['Load shedding', 'Full load 10,200 VA', 'stays in the worst case', 'Well pump'],
    );
});

it('writes the panel as it is once the moves are made, and can be undone', function () {
    $house = Houses::small(Houses::supply(), 'interlock');
    $panel = $house->service->panels[0];
    $crowded = $panel->with(circuits: [Houses::circuit('1', 1, Role::Off, name: 'Den'), ...$panel->circuits]);
    $this->row = $this->job($this->nell, Changed::of($house, panels: [$crowded]));
    $this->get("/jobs/{$this->row->id}/connect")->assertSee('The 1 move is made: write the panel as it is now');
    ($this->send)('connection/moves', [])->assertSessionHasNoErrors();
    expect(($this->file)()->service->panels[0]->inTheWayOfInterlock())->toBe([]);
    ($this->send)('connection/moves', [])->assertSessionHasErrors('moves');
    $this->post("/jobs/{$this->row->id}/undo", ['seq' => $this->row->refresh()->events()->max('seq')])->assertSessionHasNoErrors();
    expect(($this->file)()->service->panels[0]->inTheWayOfInterlock())->not->toBe([]);
});

it('lets an apprentice look at the ways and choose nothing', function () {
    $this->actingAs($this->person('pip@shop.example', $this->nell->shop, PersonRole::Apprentice));
    $this->get("/jobs/{$this->row->id}/connect")->assertOk();
    ($this->send)('connection/choice/switch_meters', ['switch_meters' => '1', 'was' => '{"switch_meters":false}'])->assertForbidden();
    ($this->send)('connection/shed', ['circuit' => 'c5', 'priority' => '1', 'delay_s' => '60', 'was' => '{"priority":null,"delay_s":null}'])
        ->assertForbidden();
    expect(($this->file)()->connection->meters)->toBeFalse();
});

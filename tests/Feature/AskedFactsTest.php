<?php

declare(strict_types=1);

use App\JobFile\JobRows;
use Tests\Support\Houses;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user, Houses::small(Houses::supply(), 'manual_switch'));
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->file = fn () => JobRows::read($this->job->refresh());
});

it('keeps the kind of a switch and the place of a circuit on it, and shows where each sits', function () {
    $this->get("$this->base/connect")->assertOk()->assertSee('Kind of switch')->assertSee('Where it sits');
    $this->put("$this->base/connection/switch", ['switch_kind' => 'cables'])->assertSessionHasNoErrors();
    $this->put("$this->base/connection/switch/place", ['circuit' => 'c2', 'place' => '4'])->assertSessionHasNoErrors();
    expect(($this->file)()->connection->switchKind?->value)->toBe('cables')->and(($this->file)()->connection->places)->toBe(['c2' => 4]);
    $this->get("$this->base/connect")->assertSee('takes its own neutral and its ground along');
    $this->put("$this->base/connection/switch/place", ['circuit' => 'c4', 'place' => '4'])->assertSessionHasErrors('switch_places');
    $this->put("$this->base/connection/switch/place", ['circuit' => 'c4', 'place' => '13'])->assertSessionHasErrors('place');
    $this->put("$this->base/connection/switch", ['switch_kind' => 'magic'])->assertSessionHasErrors('switch_kind');
    expect(($this->file)()->connection->places)->toBe(['c2' => 4]);
    $this->put("$this->base/connection/switch/place", ['circuit' => 'c2', 'place' => ''])->assertSessionHasNoErrors();
    expect(($this->file)()->connection->places)->toBe([]);
});

it('keeps what else feeds the house, and the card locks it off', function () {
    $this->put("$this->base/connection", ['connection' => 'interlock'])->assertSessionHasNoErrors();
    $solar = ['kind' => 'solar', 'at' => 'main', 'disconnect' => 'SOLAR, north wall', 'run' => ''];
    $this->put("$this->base/service/other-source", $solar)->assertSessionHasNoErrors();
    $this->get("$this->base/survey")->assertSee('the generator feeds the same bus');
    $this->put("$this->base/service/other-source", ['run' => 'locked_off'] + $solar)->assertSessionHasNoErrors();
    $this->get("$this->base/survey")->assertDontSee('the generator feeds the same bus');
    $this->get("$this->base/card")->assertSee('Lock off solar at "SOLAR, north wall"')->assertSee('take the lock off');
    $this->put("$this->base/service/other-source", ['kind' => 'wind'] + $solar)->assertSessionHasErrors('kind');
    $this->put("$this->base/service/other-source", ['kind' => '', 'at' => '', 'disconnect' => '', 'run' => ''])->assertSessionHasNoErrors();
    expect(($this->file)()->service->otherSource)->toBeNull();
});

it('keeps plugs, poles, what bridges, shared neutrals, the bus and main lugs through the database', function () {
    $load = [
        'name' => 'Fridge', 'kind' => 'medical', 'run_w' => '180', 'start_w' => '1200', 'pf' => '1', 'duty' => '', 'on_s' => '',
        'off_s' => '', 'season' => '', 'phase' => '', 'pole' => '2', 'plug' => '0', 'bridge_min' => '45',
    ];
    $this->patch("$this->base/loads/c2-load", $load)->assertSessionHasNoErrors();
    $kept = ($this->file)()->service->panels[0]->circuit('c2')?->loads[0];
    expect([$kept?->pole, $kept?->plug, $kept?->bridgeMin])->toBe([2, false, 45.0]);
    $breaker = [
        'space' => '4', 'half' => '', 'poles' => '1', 'amps' => '15', 'name' => 'Boiler', 'protection' => 'none', 'note' => '',
        'keep_on' => '', 'receptacle_a' => '', 'shares_neutral_with' => 'c2',
    ];
    $this->patch("$this->base/circuits/c4", $breaker)->assertSessionHasNoErrors();
    $this->get("$this->base/survey?at=c2")->assertSee('4 Boiler, as said there');
    $this->patch("$this->base/circuits/c4/move", ['space' => '6'])->assertSessionHas('status', fn (string $said) => str_contains(
        $said, 'It shares its neutral with 2 Fridge, on the same leg now',
    ));
    $this->get("$this->base/survey")->assertSee('share a neutral and hang on the same leg');
    $panel = [
        'name' => 'Main panel', 'kind' => 'main', 'spaces' => '20', 'main_a' => '', 'interlock_listed' => '1', 'interlock_space' => '1',
        'has_multiwire' => '0', 'fed_from' => '', 'feeder_a' => '', 'feeder_circuit' => '', 'bonded' => '1', 'tandem_spaces' => '',
        'feeder_ground' => '', 'other_building' => '', 'main_lugs' => '1', 'bus_a' => '225',
    ];
    $this->patch("$this->base/panels/main", $panel)->assertSessionHasNoErrors();
    expect([($this->file)()->panel()?->mainLugs, ($this->file)()->panel()?->busAmps])->toBe([true, 225]);
    $this->get("$this->base/survey")->assertSee('main lugs only');
    $this->patch("$this->base/panels/main", ['main_a' => '200'] + $panel)->assertSessionHasErrors('main_lugs');
});

it('puts the numbers of shop and utility, the emergency number and the date on the card', function () {
    $this->get("$this->base/card")->assertSee('Emergency: 911')->assertSee("{$this->user->shop->name}, ____")
        ->assertSee(now()->format('Y-m-d'));
    $this->put('/people/shop', ['shop_phone' => ' 555-0188 '])->assertSessionHasNoErrors();
    $this->put('/people/shop', ['shop_phone' => str_repeat('5', 41)])->assertSessionHasErrors('shop_phone');
    $facts = [
        'name' => 'Small house', 'customer_name' => 'A. Person', 'customer_address' => '', 'customer_phone' => '', 'customer_email' => '',
        'customer_utility_phone' => '555-0190', 'service_a' => '200', 'notes' => '',
    ];
    $this->patch($this->base, $facts)->assertSessionHasNoErrors();
    $this->get("$this->base/card")->assertSee('555-0188')->assertSee('555-0190');
    expect(($this->file)()->customer->utilityPhone)->toBe('555-0190');
});

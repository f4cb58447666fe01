<?php

declare(strict_types=1);

use App\Models\Job;
use Underpin\Exchange\JobFile;
use Underpin\Job\Job as File;

beforeEach(function () {
    $this->actingAs($this->demo());
    $this->file = fn (): File => JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent());
    $this->send = fn (string $method, string $path, array $fields) => $this->call($method, "$this->base/$path", $fields)
        ->assertSessionHasNoErrors()->assertRedirect();
    $this->open = function (string $name): void {
        $this->base = '/jobs/'.Job::query()->where('name', $name)->firstOrFail()->id;
    };
});

it('draws a site from nothing: a house as typed, its openings, the lot, what stands there, the machine and its cord', function () {
    ($this->open)('Kestrel Gap goat dairy');
    $json = json_decode((string) $this->get("$this->base/job.json")->getContent(), true);
    $json['site_plan'] = $json['machine_spot'] = $json['routes'] = null;
    $json['wire'] = ['cord_ft' => null, 'run_ft' => 38] + $json['wire'];
    $file = Illuminate\Http\Testing\File::createWithContent('job.json', (string) json_encode($json));
    $this->post('/jobs/import', ['file' => $file])->assertRedirect();
    $this->base = '/jobs/'.Job::query()->latest('id')->firstOrFail()->id;
    $this->get("$this->base/place-and-fuel")->assertSee('Draw the house first');

    ($this->send)('PUT', 'place/building', [
        'id' => '', 'name' => 'House', 'kind' => 'house', 'corners' => '46 left 28 left 46', 'burns' => '1',
    ]);
    $house = ($this->file)()->plan->buildings[0];
    expect($house->outline->area())->toBe(1288.0);
    ($this->send)('PUT', 'place/opening', [
        'id' => '', 'building' => $house->id, 'kind' => 'door', 'wall' => '1', 'from_ft' => '28', 'width_ft' => '3', 'name' => '',
    ]);
    ($this->send)('PUT', 'place/around', ['property' => '190 x 140 at -40,-60', 'north_deg' => '20', 'snow_side' => 'top', 'flood' => '',
        'flood_in' => '', 'fall_side' => '', 'fall_pct' => '']);
    ($this->send)('PUT', 'place/nothing-else', []);
    $spot = ['exhaust' => 'bottom', 'width_ft' => '', 'depth_ft' => '', 'platform_in' => '', 'served_top' => '0', 'served_right' => '0',
        'served_bottom' => '0', 'served_left' => '0'];
    ($this->send)('PUT', 'place/machine', ['x' => '50', 'y' => '-10'] + $spot);
    $this->get("$this->base/place-and-fuel")->assertSee('Wall of House')->assertSee('is-broken', false)->assertSee('20.0 ft are kept')
        ->assertSee('danger-head', false);
    $this->get("$this->base/place-and-fuel")->assertDontSee('Not judged, because it is not noted');
    // Looking is not saving.
    $this->get("$this->base/place/look?x=50&y=-40")->assertOk()->assertDontSee('is-broken', false)->assertSee('Wall of House');
    expect(($this->file)()->plan->spot?->y)->toBe(-10.0);
    ($this->send)('PATCH', 'place/machine', ['x' => '50', 'y' => '-24']);
    $this->get("$this->base/place-and-fuel")->assertDontSee('is-broken', false);
    ($this->send)('PUT', 'place/way', ['kind' => 'cord', 'points' => '51,-22 47,0 47,3']);
    $this->get("$this->base/wire")->assertSee('by the site plan, with 5 ft of slack');
    foreach (['svg', 'dxf', 'pdf'] as $format) {
        $this->get("$this->base/drawings/site-plan/1.$format")->assertOk();
    }
    ($this->send)('PUT', 'place/item', [
        'id' => '', 'kind' => 'tank', 'name' => '', 'x' => '52', 'y' => '-20', 'w' => '6', 'd' => '3', 'height_in' => '',
    ]);
    $this->get("$this->base/place-and-fuel")->assertSee('NFPA 58 relief valve')->assertSee('is-broken', false);
    $item = ($this->file)()->plan->items[0];
    ($this->send)('DELETE', 'place/item', ['id' => $item->id]);
    ($this->send)('DELETE', 'place/opening', ['id' => $house->id === '' ? '' : ($this->file)()->plan->openings()[0]->id]);
    $this->get("$this->base/place-and-fuel")->assertSee('Not judged, because it is not noted')->assertSee('doors, windows and vents');
    ($this->send)('DELETE', 'place/building', ['id' => $house->id]);
    expect(($this->file)()->plan->buildings)->toBe([]);
    $last = Job::query()->latest('id')->firstOrFail()->events()->max('seq');
    $this->post("$this->base/undo", ['seq' => $last])->assertSessionHasNoErrors();
    expect(($this->file)()->plan->buildings)->toHaveCount(1);
});

it('refuses by field what cannot stand, and keeps what is there', function (string $path, array $fields, string $field, string $says) {
    ($this->open)('Lake Ansgar lodge');
    $before = (string) $this->get("$this->base/job.json")->getContent();
    $this->put("$this->base/$path", $fields)->assertSessionHasErrors([$field]);
    expect(implode(' ', session('errors')->get($field)))->toContain($says)
        ->and((string) $this->get("$this->base/job.json")->getContent())->toBe($before);
})->with([
    'an outline that crosses itself' => ['place/building', [
        'id' => '', 'name' => 'Shed', 'kind' => 'other', 'corners' => '0,0 4,4 4,0 0,4', 'burns' => '',
    ], 'corners', 'crosses itself'],
    'an outline that is none' => ['place/building', [
        'id' => '', 'name' => 'Shed', 'kind' => 'other', 'corners' => 'as big as a barn', 'burns' => '',
    ], 'corners', 'Type a rectangle'],
    'an opening off its wall' => ['place/opening', [
        'id' => '', 'building' => 'lodge', 'kind' => 'door', 'wall' => '2', 'from_ft' => '38', 'width_ft' => '4', 'name' => '',
    ], 'from_ft', 'wall 2 of Lodge is 40 ft long'],
    'a wall that is not there' => ['place/opening', [
        'id' => '', 'building' => 'lodge', 'kind' => 'door', 'wall' => '9', 'from_ft' => '0', 'width_ft' => '4', 'name' => '',
    ], 'wall', 'walls 1 to 6'],
    'a machine on the moon' => ['place/machine', [
        'x' => '1e9', 'y' => '0', 'exhaust' => 'top', 'width_ft' => '', 'depth_ft' => '', 'platform_in' => '', 'served_top' => '0',
        'served_right' => '0', 'served_bottom' => '0', 'served_left' => '0',
    ], 'x', 'To the right'],
    'fuel of the year 20' => ['fuel', [
        'bought_on' => '20-01-01', 'treated' => '', 'usd_per_unit' => '-1', 'tank_diameter_in' => '', 'tank_length_in' => '',
        'tank_fill_pct' => '', 'buried' => '', 'supplier_btuh' => '', 'pipe_ft' => '', 'near' => '', 'far' => '', 'engine_w' => '',
        'sun_w' => '', 'sun_h' => '',
    ], 'usd_per_unit', 'Price of the fuel'],
    'an appliance that burns nothing' => ['fuel/appliance', ['id' => '', 'name' => 'Boiler', 'btuh' => '0', 'at_ft' => '',
        'branch_ft' => ''], 'btuh', 'BTU/h'],
]);

it('finds nothing too near at the three designs of the demo', function (string $name) {
    ($this->open)($name);
    $this->get("$this->base/place-and-fuel")->assertSee('class="site-machine"', false)->assertDontSee('is-broken', false)
        ->assertDontSee('danger-head', false);
})->with(['Kestrel Gap goat dairy', 'Salt Wharf row house', 'Lake Ansgar lodge']);

it('leads from what is too near to the field that mends it, on every page', function () {
    ($this->open)('Kestrel Gap goat dairy');
    ($this->send)('PATCH', 'place/machine', ['x' => '48', 'y' => '5']);
    $this->get("$this->base/run")->assertSee('danger-head', false)->assertSee('place-and-fuel#spot-x', false);
    $this->get("$this->base/place-and-fuel")->assertSee('id="spot-x"', false);
    $this->get("$this->base/card")->assertSee('Draft: do not hand over');
});

it('takes fuel from facts to days, and says what it goes by', function () {
    ($this->open)('Kestrel Gap goat dairy');
    $this->get("$this->base/place-and-fuel")->assertSee('At the loads of this job')->assertSee('3 days')->assertSee('good until')
        ->assertSee('engine off and cooled')->assertSee('Coldharbor depot');
    ($this->open)('Lake Ansgar lodge');
    $this->get("$this->base/place-and-fuel")->assertSee('920,000 BTU/h, by the supplier')
        ->assertSee('from the last regulator to the branch of Boiler')
        ->assertSee('all over 151 ft, the longest length');
    ($this->send)('PUT', 'fuel/appliance', ['id' => '', 'name' => 'Laundry dryers', 'btuh' => '90000', 'at_ft' => '', 'branch_ft' => '']);
    expect(($this->file)()->fuelKept->appliances)->toHaveCount(3);
    $this->get("$this->base/place-and-fuel")->assertSee('Laundry dryers: counted in every section');
    ($this->send)('DELETE', 'fuel/appliance', ['id' => ($this->file)()->fuelKept->appliances[2]->id]);
    ($this->send)('PUT', 'fuel', [
        'bought_on' => '', 'treated' => '', 'usd_per_unit' => '3.10', 'tank_diameter_in' => '41', 'tank_length_in' => '192',
        'tank_fill_pct' => '80', 'buried' => '1', 'supplier_btuh' => '400000', 'pipe_ft' => '', 'near' => '', 'far' => '',
        'engine_w' => '', 'sun_w' => '', 'sun_h' => '',
    ]);
    $kept = ($this->file)()->fuelKept;
    expect($kept->appliances)->toHaveCount(2)->and($kept->pipeFt)->toBeNull();
    $this->get("$this->base/place-and-fuel")->assertSee('On the coldest day the tank gives 400,000 BTU/h');
});

it('shows another\'s change before it puts its own over it', function () {
    ($this->open)('Kestrel Gap goat dairy');
    $this->put("$this->base/place/way", ['kind' => 'cord', 'points' => '0,0 9,9', 'was' => json_encode(['points' => [[1, 1], [2, 2]]])])
        ->assertStatus(409);
    $this->patch("$this->base/place/machine", ['x' => '1', 'y' => '1', 'was' => json_encode(['x' => 49, 'y' => -24])])->assertStatus(409);
});

it('places further machines, draws the flood line, and says what pad it takes', function () {
    ($this->open)('Lake Ansgar lodge');
    $further = fn (array $with) => $this->put("$this->base/place/further", [
        'machine' => '0', 'x' => '118', 'y' => '-12', 'exhaust' => 'right', 'was' => '{}', ...$with,
    ]);
    $further(['x' => '1e9'])->assertSessionHasErrors('x');
    $further(['exhaust' => 'up'])->assertSessionHasErrors('exhaust');
    $further([])->assertSessionHasNoErrors();
    $further(['y' => '-30'])->assertSessionHasNoErrors();
    $further(['y' => '-40'])->assertSessionHasNoErrors();
    $further([])->assertSessionHasErrors('x');
    expect(array_map(fn ($spot): float => $spot->y, ($this->file)()->plan->more))->toBe([-12.0, -30.0, -40.0]);
    $further(['machine' => '3', 'y' => '-31', 'was' => '{"x":118,"y":-29,"exhaust":"right"}'])->assertStatus(409);
    $further(['machine' => '3', 'y' => '-31', 'was' => '{"x":118,"y":-30,"exhaust":"right"}'])->assertSessionHasNoErrors();
    $this->delete("$this->base/place/further", ['machine' => '4'])->assertSessionHasNoErrors();
    $this->delete("$this->base/place/further", ['machine' => '4'])->assertStatus(409);
    expect(array_map(fn ($spot): float => $spot->y, ($this->file)()->plan->more))->toBe([-12.0, -31.0]);
    $around = ['property' => '240 x 190 at -40,-50', 'north_deg' => '0', 'snow_side' => 'left', 'fall_side' => 'top',
        'fall_pct' => '4', 'flood_in' => '90'];
    $this->put("$this->base/place/around", [...$around, 'flood' => '0,0 4,4 4,0 0,4'])->assertSessionHasErrors('flood');
    ($this->send)('PUT', 'place/around', [...$around, 'flood' => '60 x 60 at 100,-20']);
    $this->get("$this->base/place-and-fuel")->assertSee('The flood reaches it.')->assertSee('Snow or water can reach the machine.')
        ->assertSee('Pad or platform:');
    foreach (['svg', 'dxf', 'pdf'] as $format) {
        $this->get("$this->base/drawings/site-plan/1.$format")->assertOk();
    }
});

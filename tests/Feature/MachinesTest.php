<?php

declare(strict_types=1);

use App\Models\Machine;
use Illuminate\Http\UploadedFile;
use Underpin\Job\Machine\MachineGaps;
use Underpin\Job\Part\MachineLine;

use function Tests\Feature\plateOf;

require_once __DIR__.'/machine-plate.php';

beforeEach(function () {
    $this->nell = $this->person('nell@shop.example');
    $this->actingAs($this->nell);
    Machine::query()->delete();
});

it('takes a machine of which only five things are known, and says what each missing one keeps from being judged', function () {
    $plate = plateOf(['name' => 'Plain 50', 'form' => 'portable', 'outlet' => 'L14-30R', 'run_w_gasoline' => '5,000']);
    $this->post('/machines', $plate)->assertRedirect('/catalogue');
    $machine = Machine::query()->where('name', 'Plain 50')->firstOrFail();
    expect(
        [$machine->volts, $machine->outlet_a, $machine->neutral, $machine->price_usd, $machine->gfci],
    )->toBe([240, 30, null, null, null]);
    $gaps = MachineGaps::of($machine->core());
    expect($gaps['the neutral'])->toContain('two bonds')->and($gaps['the advertised peak'])->toContain('starts');
    $this->get("/machines/$machine->key")->assertOk()->assertSee('The neutral')->assertSee('two bonds, or none')
        ->assertSee('what it gives for a start is not known');
    $this->get('/catalogue')->assertSee('Plain 50')->assertSee('not known');
});

it('refuses by the name of the field what no machine is', function (array $plate, string $field, string $said) {
    $this->post('/machines', plateOf($plate))->assertSessionHasErrors([$field]);
    expect(session('errors')->first($field))->toContain($said)->and(Machine::query()->count())->toBe(0);
})->with([
    'no watts' => [['name' => 'A'], 'run_w_gasoline', 'at least one fuel'],
    'a peak alone' => [['name' => 'A', 'peak_w_propane' => '900'], 'run_w_propane', 'Propane, running is missing'],
    'a peak below' => [['name' => 'A', 'run_w_propane' => '900', 'peak_w_propane' => '800'], 'peak_w_propane', '800 W was given'],
    'burns less at more load' => [
        [
            'name' => 'A', 'run_w_gasoline' => '900', 'idle_per_h_gasoline' => '1', 'full_per_h_gasoline' => '0.5',
        ], 'full_per_h_gasoline', '0.5 was given',
    ],
    'a battery on gasoline' => [['name' => 'A', 'form' => 'battery', 'run_w_gasoline' => '900'], 'run_w_gasoline', 'stored energy'],
    'an engine on stored energy' => [['name' => 'A', 'run_w_stored_energy' => '900'], 'run_w_stored_energy', 'burns a fuel'],
    'terminals without a breaker' => [['name' => 'A', 'outlet' => 'terminals', 'run_w_gasoline' => '900'], 'outlet_a', 'how many amperes'],
    'a word for kVA' => [['name' => 'A', 'run_w_gasoline' => '900', 'plate_kva' => 'ten'], 'plate_kva', '"ten" was given'],
    'a weight below nothing' => [
        ['name' => 'A', 'run_w_gasoline' => '900', 'housing_weight_lb' => '-3'], 'housing_weight_lb', '-3 was given',
    ],
]);

it('keeps every field of a machine', function () {
    $line = [];
    foreach (MachineLine::form()->fields() as $i => $field) {
        $options = $field->options();
        $line[$field->name] = match (true) {
            str_contains($field->name, 'stored_energy') => '',
            $options !== null => (string) array_key_last($options),
            default => (string) (10 + $i / 4),
        };
    }
    $line = [...$line, 'name' => 'Whole', 'form' => 'standby_liquid', 'volts' => '240', 'outlet' => 'terminals', 'outlet_a' => '90',
        'price_usd' => '900', 'lead_weeks' => '4', 'plate_reactance_pu' => '0.13'];
    foreach (['gasoline', 'propane', 'natural_gas', 'diesel'] as $i => $fuel) {
        $line = [...$line, "run_w_$fuel" => "900$i", "peak_w_$fuel" => "950$i", "idle_per_h_$fuel" => '0.5', "half_per_h_$fuel" => '0.9',
            "full_per_h_$fuel" => '1.4'];
    }
    foreach (['5_20r', 'tt_30r', 'l5_30r', 'l14_20r', 'l14_30r', '14_50r'] as $i => $outlet) {
        $line["outlets_$outlet"] = (string) ($i + 1);
    }
    $this->post('/machines', $line)->assertSessionHasNoErrors();
    $kept = MachineLine::write(Machine::query()->firstOrFail()->core());
    foreach ($line as $name => $given) {
        $there = $kept[$name];
        expect(is_bool($there) ? (string) (int) $there : (is_numeric($there) ? (float) $there : (string) $there))
            ->toBe(is_numeric($there) ? (float) $given : $given, $name);
    }
});

it('copies a machine under another name, and never under the same', function () {
    $this->post('/machines', plateOf(['name' => 'First', 'run_w_gasoline' => '5000', 'housing_weight_lb' => '120']));
    $first = Machine::query()->firstOrFail();
    $this->get("/machines/new?like=$first->key")->assertOk()->assertSee('value="120"', false)->assertDontSee('value="First"', false);
    $this->post('/machines', plateOf(['name' => 'First', 'run_w_gasoline' => '5000']))->assertSessionHasErrors('name');
    expect(Machine::query()->count())->toBe(1);
});

it('offers a retired machine to no job, keeps it, and takes it back', function () {
    $this->post('/machines', plateOf(['name' => 'Old', 'run_w_gasoline' => '5000']));
    $old = Machine::query()->firstOrFail();
    $job = $this->job($this->nell);
    $this->get("/jobs/$job->id/size")->assertSee('Old');
    $this->put("/machines/$old->key/retired", ['retired' => '1'])->assertRedirect('/catalogue');
    $this->get("/jobs/$job->id/size")->assertDontSee('Old <small>on', false);
    $this->get('/catalogue')->assertSee('Retired: no new job is offered them');
    $this->put("/machines/$old->key/retired", ['retired' => '0']);
    $this->get("/jobs/$job->id/size")->assertSee('Old');
    $this->get("/machines/$old->key")->assertSee('Old: retired')->assertSee('in the catalogue again');
});

it('takes machines along as a sheet and brings the same in again without a change', function () {
    $this->post('/machines', plateOf(['name' => '=Odd "name", 1', 'run_w_gasoline' => '5000.5', 'gfci' => '1', 'outlets_5_20r' => '4']));
    $this->post('/machines', plateOf([
        'name' => 'Box', 'form' => 'battery', 'outlet' => '5-20R', 'run_w_stored_energy' => '2000', 'stored_wh' => '2100',
    ]));
    $before = Machine::query()->orderBy('id')->get()->map(fn (Machine $m): array => MachineLine::write($m->core()))->all();
    $sheet = $this->get('/shop/machine.csv')->assertOk()->getContent();
    $this->post('/shop/machine/import', ['file' => UploadedFile::fake()->createWithContent('m.csv', $sheet)])
        ->assertRedirect('/catalogue')->assertSessionHas('status', '0 added, 0 changed.');
    expect(Machine::query()->orderBy('id')->get()->map(fn (Machine $m): array => MachineLine::write($m->core()))->all())->toBe($before);
});

it('brings in the good rows of a sheet, names what it did not take, and each is a step of the history', function () {
    $sheet = "Name;Form;Largest outlet;run_w_gasoline;neutral;colour\n"
        ."New 40;portable;L14-30R;4000;floating;red\nBad;portable;L14-30R;-4;floating;\nWorse;hovercraft;L14-30R;4;floating;\n";
    $this->post('/shop/machine/import', ['file' => UploadedFile::fake()->createWithContent('m.csv', $sheet)])
        ->assertSessionHas('status', '1 added, 0 changed. Not taken: 3 rows or columns.');
    $said = implode(' | ', session('not-taken'));
    expect($said)->toContain('"colour" is not known')->toContain('Row 3, run_w_gasoline')->toContain('Row 4, form');
    $new = Machine::query()->sole();
    $this->get("/machines/$new->key")->assertSee('New 40: brought in');
    $this->post(
        '/shop/machine/import', ['file' => UploadedFile::fake()->createWithContent('m.csv', "\x00\x01")],
    )->assertSessionHasErrors('file');
    $this->post('/shop/machine/import')->assertSessionHasErrors('file');
    $this->get('/shop/person.csv')->assertNotFound();
});

it('lets an apprentice look and change nothing', function () {
    $this->post('/machines', plateOf(['name' => 'Kept', 'run_w_gasoline' => '5000']));
    $key = Machine::query()->value('key');
    $this->actingAs($this->person('pip@shop.example', $this->nell->shop, App\Access\PersonRole::Apprentice));
    $this->put("/machines/$key/retired", ['retired' => '1'])->assertForbidden();
    $this->post(
        '/shop/machine/import',
        ['file' => UploadedFile::fake()->createWithContent('m.csv', "name,form,outlet,run_w_gasoline\nX,portable,L14-30R,4000\n")],
    )
        ->assertForbidden();
    expect(Machine::query()->where('retired', true)->orWhere('name', 'X')->count())->toBe(0);
});

<?php

declare(strict_types=1);

use App\Models\LibraryLoad;
use App\Models\Machine;
use App\Models\RuleProfile;
use App\Models\ShopEvent;
use Underpin\Job\Part\LoadPart;
use Underpin\Job\Part\MachineLine;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->load = LibraryLoad::query()->where('shop_id', $this->user->shop_id)->where('name', 'Well pump, 2 hp')->firstOrFail();
    $this->fields = fn (array $changes = []): array => [
        ...array_map(
            strval(...),
            $this->load->only(
                [
                    'name', 'kind', 'role', 'words', 'volts', 'pf', 'run_low_w', 'run_usual_w', 'run_high_w', 'start_low_w',
                    'start_usual_w', 'start_high_w',
                ]
            ),
        ),
        ...$changes,
    ];
    $this->was = json_encode(
        $this->load->only(
            [
                'name', 'kind', 'role', 'words', 'volts', 'pf', 'run_low_w', 'run_usual_w', 'run_high_w', 'start_low_w',
                'start_usual_w', 'start_high_w',
            ]
        )
    );
});

it('tells the second who changes a load of the library, and shows both', function () {
    $this->put("/library/{$this->load->id}", ($this->fields)(['pf' => '0.7', 'was' => $this->was]))->assertRedirect();
    $colleague = $this->person('bo@one.example', $this->user->shop);
    $this->flushSession();
    $answer = $this->actingAs($colleague)->put(
        "/library/{$this->load->id}", ($this->fields)(['pf' => '0.9', 'was' => $this->was]),
    )->assertStatus(409);
    $answer->assertSee(LoadPart::form()->field('pf')->label)->assertSee('0.7')->assertSee('0.9')->assertSee('Ada');
    expect($this->load->refresh()->pf)->toBe(0.7);
    // Another field of it goes through.
    $this->put(
        "/library/{$this->load->id}",
        ($this->fields)(['pf' => '0.7', 'run_high_w' => '4000', 'start_high_w' => '12000', 'was' => $this->was]),
    )->assertRedirect();
    expect($this->load->refresh()->run_high_w)->toBe(4000.0);
});

it('keeps the history of a load, and takes its last step back as a step of its own', function () {
    $before = $this->load->only(['pf', 'run_high_w']);
    $this->put("/library/{$this->load->id}", ($this->fields)(['pf' => '0.7', 'was' => $this->was]));
    $this->get("/library/{$this->load->id}")->assertSee('Well pump, 2 hp: changed')->assertSee('Take it back');
    $first = ShopEvent::query()->firstOrFail();
    $this->post("/shop-history/$first->id/take-back")->assertRedirect(route('catalogue'));
    expect($this->load->refresh()->only(['pf', 'run_high_w']))->toBe($before)->and(ShopEvent::query()->count())->toBe(2);
    // It is not on top any more.
    $this->post("/shop-history/$first->id/take-back")->assertSessionHasErrors('history');
    // Taking back is taken back.
    $this->post('/shop-history/'.ShopEvent::query()->max('id').'/take-back')->assertSessionHasNoErrors();
    expect($this->load->refresh()->pf)->toBe(0.7);
});

it('takes an added load away again, and brings it back', function () {
    $this->post('/library', ($this->fields)(['name' => 'Goat clipper']))->assertRedirect();
    $added = ShopEvent::query()->firstOrFail();
    $this->post("/shop-history/$added->id/take-back")->assertSessionHasNoErrors();
    expect(LibraryLoad::query()->where('name', 'Goat clipper')->exists())->toBeFalse();
    $this->post('/shop-history/'.ShopEvent::query()->max('id').'/take-back')->assertSessionHasNoErrors();
    expect((string) LibraryLoad::query()->where('name', 'Goat clipper')->firstOrFail()->id)->toBe($added->of_key);
});

it('tells the second who changes local rules', function () {
    $rules = [
        'authority' => 'Gull Point', 'edition' => 'NEC 2023', 'splices_in_panel' => '1', 'permit' => '1', 'inspection' => '1',
        'portable_ft' => '20', 'opening_ft' => '', 'property_ft' => '', 'night_db' => '', 'gas_meter_ft' => '',
        'meter_adapter' => '', 'who' => '', 'notes' => '',
        'source' => '', 'dated' => '2026-01-02', 'accepts_standard' => '1', 'accepts_optional' => '1', 'accepts_existing' => '1',
        'accepts_measured' => '1',
    ];
    $this->post('/local-rules', $rules)->assertSessionHasNoErrors();
    $was = json_encode(['portable_ft' => 20, 'permit' => true]);
    $this->put('/local-rules/gull-point', [...$rules, 'portable_ft' => '25', 'was' => $was])->assertRedirect();
    $this->put(
        '/local-rules/gull-point', [...$rules, 'portable_ft' => '30', 'was' => $was],
    )->assertStatus(409)->assertSee('Portable from the house');
    expect(RuleProfile::query()->where('key', 'gull-point')->firstOrFail()->rules['portable_ft'])->toEqual(25)
        ->and(ShopEvent::query()->pluck('label')->all())->toBe(['Gull Point: added', 'Gull Point: changed']);
});

it('takes nothing back for another shop', function () {
    $this->put("/library/{$this->load->id}", ($this->fields)(['pf' => '0.7', 'was' => $this->was]));
    $event = ShopEvent::query()->firstOrFail();
    $this->flushSession();
    $this->actingAs($this->person('eve@two.example'))->post("/shop-history/$event->id/take-back")->assertNotFound();
    expect($this->load->refresh()->pf)->toBe(0.7);
});

it('takes no name back that another has now', function () {
    $this->put("/library/{$this->load->id}", ($this->fields)(['name' => 'Old pump', 'was' => $this->was]));
    $renamed = ShopEvent::query()->firstOrFail();
    $this->post('/library', ($this->fields)(['name' => 'Well pump, 2 hp']))->assertSessionHasNoErrors();
    $this->post("/shop-history/$renamed->id/take-back")->assertSessionHasErrors('history');
    expect($this->load->refresh()->name)->toBe('Old pump');
});

it('keeps the machines of the catalogue with history and conflict check, and refuses what no plate says', function () {
    $machine = Machine::query()->where(
        'shop_id', $this->user->shop_id,
    )->where('outlet', 'L14-30R')->where('form', 'portable')->firstOrFail();
    $shown = MachineLine::write($machine->core());
    $fields = fn (array $changes = []): array => [
        ...array_map(fn (mixed $value): string => is_bool($value) ? (string) (int) $value : (string) $value, $shown),
        'was' => json_encode($shown), ...$changes,
    ];
    $this->get("/machines/$machine->key")->assertOk()->assertSee($machine->name);
    $this->get('/catalogue')->assertSee("/machines/$machine->key", false);

    $this->put("/machines/$machine->key", $fields(['price_usd' => '1234']))->assertRedirect(route('catalogue'));
    expect($machine->refresh()->price_usd)->toBe(1234);
    // The second who changes the same is told; another field goes through.
    $this->put("/machines/$machine->key", $fields(['price_usd' => '1300']))->assertStatus(409)->assertSee('1234')->assertSee('1300');
    expect($machine->refresh()->price_usd)->toBe(1234);
    $this->put("/machines/$machine->key", $fields(['price_usd' => '1234', 'name' => 'Marmot 9000']))->assertRedirect();
    expect($machine->refresh()->name)->toBe('Marmot 9000');

    // Its last step is taken back as a step of its own.
    $this->post('/shop-history/'.ShopEvent::query()->max('id').'/take-back')->assertSessionHasNoErrors();
    expect($machine->refresh()->name)->toBe($shown['name'])->and($machine->price_usd)->toBe(1234)
        ->and(ShopEvent::query()->count())->toBe(3);

    // Nothing that was saved is touched by what is refused.
    foreach ([
        [['outlet_a' => '20'], 'outlet_a', 'Outlet or breaker must be 30 A for a L14-30R'],
        [['volts' => '120'], 'outlet', 'Largest outlet: a L14-30R does not give 120 V'],
        [['peak_w_gasoline' => '10'], 'peak_w_gasoline', 'Gasoline: Advertised peak must be at least the running watts'],
        [['peak_w_diesel' => '5000'], 'run_w_diesel', 'Diesel, running is missing'],
        [['name' => ''], 'name', 'Name is missing'],
        [['price_usd' => 'cheap'], 'price_usd', 'Price must be'],
    ] as [$change, $field, $said]) {
        $this->put("/machines/$machine->key", $fields($change))->assertSessionHasErrors($field);
        expect(session('errors')->first($field))->toContain($said);
    }
    expect(ShopEvent::query()->count())->toBe(3);
});

it('adds a machine, refuses its name twice, and takes it away again', function () {
    $fields = [
        ...array_map(fn (): string => '', MachineLine::write($this->user->shop->machines()->firstOrFail()->core())),
        'housing_noise_ft' => '23',
        'name' => 'Marmot 9000', 'form' => 'portable', 'volts' => '240', 'outlet' => 'L14-30R', 'outlet_a' => '30', 'neutral' => 'floating',
        'gfci' => '0', 'price_usd' => '900', 'run_w_propane' => '6300', 'peak_w_propane' => '8100',
    ];
    $this->post('/machines', $fields)->assertSessionHasNoErrors()->assertRedirect(route('catalogue'));
    $machine = Machine::query()->where('name', 'Marmot 9000')->firstOrFail();
    expect($machine->ratings)->toHaveCount(1)->and($machine->ratings[0])->toMatchArray(
        ['fuel' => 'propane', 'run_w' => 6300, 'peak_w' => 8100],
    );
    $this->post('/machines', $fields)->assertSessionHasErrors('name');
    $job = $this->job($this->user);
    $this->get("/jobs/$job->id/size")->assertSee('Marmot 9000');
    $this->post('/shop-history/'.ShopEvent::query()->max('id').'/take-back')->assertSessionHasNoErrors();
    expect(Machine::query()->where('name', 'Marmot 9000')->exists())->toBeFalse();
    // Of another shop there is nothing to see.
    $this->flushSession();
    $this->actingAs($this->person('eve@two.example'))->get("/machines/$machine->key")->assertNotFound();
});

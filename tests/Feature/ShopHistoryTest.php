<?php

declare(strict_types=1);

use App\Models\LibraryLoad;
use App\Models\RuleProfile;
use App\Models\ShopEvent;
use Underpin\Job\Part\LoadPart;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->load = LibraryLoad::query()->where('shop_id', $this->user->shop_id)->where('name', 'Well pump, 2 hp')->firstOrFail();
    $this->fields = fn (array $changes = []): array => [
        ...array_map(
            strval(...),
            $this->load->only(
                ['name', 'kind', 'volts', 'pf', 'run_low_w', 'run_usual_w', 'run_high_w', 'start_low_w', 'start_usual_w', 'start_high_w']
            ),
        ),
        ...$changes,
    ];
    $this->was = json_encode(
        $this->load->only(
            ['name', 'kind', 'volts', 'pf', 'run_low_w', 'run_usual_w', 'run_high_w', 'start_low_w', 'start_usual_w', 'start_high_w']
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
        'portable_ft' => '20', 'who' => '', 'notes' => '',
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

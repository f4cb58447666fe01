<?php

declare(strict_types=1);

use App\Access\PersonRole;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Models\PartPrice;
use Tests\Support\Changed;
use Underpin\Job\Agreed;
use Underpin\Job\Quote\AnswerKind;
use Underpin\Job\Quote\Quotes;

beforeEach(function () {
    $this->nell = $this->demo();
    $this->actingAs($this->nell);
    $this->row = Job::query()->where('name', 'Kestrel Gap goat dairy')->firstOrFail();
    // As it was while the quote waited for its answer.
    App\JobFile\JobEditor::change($this->row, $this->nell, 'Waits', fn ($file) => $file->with(
        new Quotes([Changed::of($file->quotes->last(), answer: null)]), new Agreed,
    ));
    $this->base = "/jobs/{$this->row->id}";
    $this->file = fn () => JobRows::read($this->row->refresh());
    $this->total = fn (): int => (int) preg_match(
        '/name="total_cents" value="(\d+)"/', (string) $this->get("$this->base/price-and-papers")->getContent(), $found,
    ) === 1 ? (int) $found[1] : 0;
    $this->handOver = fn (bool $revises) => $this->post(
        "$this->base/quotes", ['revises' => $revises ? '1' : '0', 'total_cents' => (string) ($this->total)()],
    );
    $this->longer = fn (float $ft) => App\JobFile\JobEditor::change($this->row, $this->nell, 'Run', fn ($file) => $file->with(
        new Underpin\Job\WireRun(30.0, $ft, 50, laying: $file->wire->laying, lengths: $file->wire->lengths),
    ));
    $this->answer = fn (array $with) => $this->put("$this->base/quotes/answer", [
        'quote' => '1010-1', 'kind' => 'accepted', 'name' => 'Orla Dunne', 'on' => now()->toDateString(), 'way' => 'interlock',
        'signature' => '10,10 12,14 18,20 24,26 30,30 33,33 36,36 39,39', ...$with,
    ]);
});

it('sets two ways beside each other, hands a quote over, and a revision that says what is other', function () {
    $this->get("$this->base/price-and-papers")->assertOk()->assertSee('Transfer panel as a sub-panel')->assertSee('Quote 1010');
    ($this->longer)(50.0);
    $this->get("$this->base/loads")->assertSee('Not as quoted')->assertSee('6 AWG copper, black: 50 ft, quoted 38');
    ($this->handOver)(true)->assertSessionHasNoErrors();
    $last = ($this->file)()->quotes->last();
    expect($last->id())->toBe('1010-2')->and($last->by)->toBe('Nell Varga')->and($last->on)->toBe(now()->toDateString())
        ->and(implode(' ', $last->changes))->toContain('6 AWG copper, black: 50 ft in the place of 38');
    $this->get("$this->base/loads")->assertDontSee('Not as quoted');
    $this->get("$this->base/price-and-papers")->assertSee('Replaced by a revision');
    ($this->handOver)(false)->assertSessionHasNoErrors();
    expect(($this->file)()->quotes->last()->id())->toBe('1013-1')->and($this->nell->shop->refresh()->last_quote)->toBe(1013);
    $pdf = (string) $this->get("$this->base/quotes/1010-2.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
    expect($pdf)->toStartWith('%PDF');
    $this->get("$this->base/quotes/1010-9.pdf")->assertRedirect("$this->base/price-and-papers");
});

it('hands nothing over that is not what the page showed, or not whole', function () {
    $this->post("$this->base/quotes", ['revises' => '0', 'total_cents' => '100'])->assertSessionHasErrors('quote');
    PartPrice::query()->where('key', 'inlet-14-50p-50-a')->delete();
    $this->get("$this->base/price-and-papers")->assertSee('price of Inlet 14-50P, 50 A')->assertDontSee('Hand over revision');
    $this->post("$this->base/quotes", ['revises' => '0', 'total_cents' => (string) ($this->total)()])->assertSessionHasErrors('quote');
    expect(($this->file)()->quotes->quotes)->toHaveCount(1);
    $this->put("$this->base/part-price", ['part' => 'Inlet 14-50P, 50 A', 'unit' => 'each', 'price_usd' => '-4'])
        ->assertSessionHasErrors('price_usd');
    $this->put("$this->base/part-price", ['part' => 'Inlet 14-50P, 50 A', 'unit' => 'each', 'price_usd' => '121.40'])
        ->assertSessionHasNoErrors();
    expect(PartPrice::query()->where('key', 'inlet-14-50p-50-a')->sole()->only(['price_cents', 'price_on']))
        ->toBe(['price_cents' => 12_140, 'price_on' => now()->toDateString()]);
    ($this->handOver)(true)->assertSessionHasNoErrors();
});

it('takes an answer with name, day, way and a signature, and refuses what is none', function () {
    ($this->answer)(['name' => ''])->assertSessionHasErrors('name');
    ($this->answer)(['on' => now()->addDay()->toDateString()])->assertSessionHasErrors('on');
    ($this->answer)(['on' => '2020-01-01'])->assertSessionHasErrors('on');
    ($this->answer)(['way' => 'automatic'])->assertSessionHasErrors('way');
    ($this->answer)(['signature' => '1,1'])->assertSessionHasErrors('signature');
    ($this->answer)(['kind' => 'perhaps'])->assertSessionHasErrors('kind');
    ($this->answer)(['quote' => '1-1'])->assertStatus(409);
    expect(($this->file)()->quotes->last()->answer)->toBeNull();
    ($this->answer)([])->assertSessionHasNoErrors();
    $answer = ($this->file)()->quotes->last()->answer;
    expect([$answer->kind, $answer->name, $answer->way])->toBe([AnswerKind::Accepted, 'Orla Dunne', 'interlock'])
        ->and($answer->signature->points())->toHaveCount(1);
    $this->get("$this->base/price-and-papers")->assertSee('Orla Dunne, '.now()->toDateString());
    $path = (string) tempnam(sys_get_temp_dir(), 'quote');
    file_put_contents($path, $this->get("$this->base/quotes/1010-1.pdf")->getContent());
    expect((string) shell_exec('pdftotext -layout '.escapeshellarg($path).' -'))
        ->toContain('Accepted: interlock on the panel main. Orla Dunne')
        ->toContain('$5,720.22')->not->toContain('822.10');
    unlink($path);
});

it('keeps a quote that was handed over out of reach of undo and of files, and lets its answer be taken back', function () {
    ($this->answer)([])->assertSessionHasNoErrors();
    $this->post("$this->base/undo", ['seq' => $this->row->events()->max('seq')])->assertSessionHasNoErrors();
    expect(($this->file)()->quotes->last()->answer)->toBeNull();
    ($this->longer)(50.0);
    ($this->handOver)(true);
    $this->post("$this->base/undo", ['seq' => $this->row->events()->max('seq')])->assertSessionHasErrors('quotes');
    expect(($this->file)()->quotes->quotes)->toHaveCount(2);
});

it('offers besides what the design does not know, and ways beside each other, three at most', function () {
    $this->put("$this->base/offer/extra", ['id' => '', 'what' => 'Wall closed', 'usd' => '140.50', 'was' => '{}'])
        ->assertSessionHasNoErrors();
    $this->put("$this->base/offer/extra", ['id' => '', 'what' => '', 'usd' => '-3', 'was' => '{}'])->assertSessionHasErrors(['what',
        'usd']);
    $extra = ($this->file)()->offer->extras[0];
    expect([$extra->what, $extra->usd])->toBe(['Wall closed', 140.5]);
    $this->put("$this->base/offer/extra", ['id' => $extra->id, 'what' => 'Wall closed', 'usd' => '150',
        'was' => '{"what":"Wall closed","usd":99}'])
        ->assertStatus(409);
    $this->delete("$this->base/offer/extra", ['id' => $extra->id])->assertSessionHasNoErrors();
    $this->delete("$this->base/offer/extra", ['id' => $extra->id])->assertStatus(409);
    $this->put("$this->base/offer/beside", ['way' => 'hard_cord', 'offered' => '1'])->assertSessionHasNoErrors();
    $this->put("$this->base/offer/beside", ['way' => 'whole_house_manual', 'offered' => '1'])->assertSessionHasErrors('way');
    $this->put("$this->base/offer/beside", ['way' => 'hard_cord', 'offered' => '0'])->assertSessionHasNoErrors();
    expect(($this->file)()->offer->besides)->toBe(['transfer_subpanel']);
    // One that is not possible any more can still be taken out.
    App\JobFile\JobEditor::change($this->row, $this->nell, 'x', fn ($file) => $file->with($file->offer->offering(['automatic'])));
    $this->get("$this->base/price-and-papers")->assertSee('beside-automatic', false)->assertSee('is not possible here');
    $this->put("$this->base/offer/beside", ['way' => 'automatic', 'offered' => '0'])->assertSessionHasNoErrors();
    $this->put("$this->base/offer/beside", ['way' => 'transfer_subpanel', 'offered' => '1'])->assertSessionHasNoErrors();
    $this->put("$this->base/offer", ['own_machine' => '1', 'permit_usd' => '', 'travel_usd' => '0', 'note' => 'x', 'was' => '{}'])
        ->assertSessionHasNoErrors();
    expect(($this->file)()->offer)->toMatchArray(['ownMachine' => true, 'permitUsd' => null, 'travelUsd' => 0.0, 'note' => 'x'])
        ->and(($this->file)()->offer->besides)->toBe(['transfer_subpanel']);
});

it('notes what was sent and what came back, and the permit stands in the chain', function () {
    $sent = fn (array $with) => $this->put("$this->base/sent", [
        'id' => '', 'paper' => 'permit-packet', 'to' => 'Town hall', 'on' => '2026-11-10', 'back_on' => '', 'granted' => '', 'note' => '',
        'was' => '{}', ...$with,
    ]);
    $sent(['to' => ''])->assertSessionHasErrors('to');
    $sent(['back_on' => '2026-11-09'])->assertSessionHasErrors('back_on');
    $sent([])->assertSessionHasNoErrors();
    $paper = ($this->file)()->agreed->sent[0];
    $this->get("$this->base/price-and-papers")->assertSee('Town hall')->assertSee('Ask for the permit');
    $sent(['id' => $paper->id, 'back_on' => '2026-11-20', 'granted' => '1'])->assertSessionHasNoErrors();
    $this->get("$this->base/price-and-papers")->assertSee('Permit granted');
    $sent(['id' => 'nothing'])->assertStatus(409);
    $this->delete("$this->base/sent", ['id' => $paper->id])->assertSessionHasNoErrors();
    expect(($this->file)()->agreed->sent)->toBe([]);
});

it('names no day while a length is not known, then the day and what decides it', function () {
    $this->get("$this->base/price-and-papers")->assertSee('No day can be named yet')->assertSee('order the machine');
    $step = fn (array $with) => $this->put("$this->base/step", [
        'id' => 'machine', 'days' => '30', 'begun_on' => '', 'done_on' => '', 'was' => '{}', ...$with,
    ]);
    $step(['days' => '-3'])->assertSessionHasErrors('days');
    $step(['begun_on' => '2026-11-20', 'done_on' => '2026-11-19'])->assertSessionHasErrors('done_on');
    $step([])->assertSessionHasNoErrors();
    $this->get("$this->base/price-and-papers")->assertSee('The work can begin on')
        ->assertSee('What decides: hand the quote over, order the machine');
    // What comes after the work keeps no day from being named for it.
    $this->nell->shop->update(['terms' => array_diff_key($this->nell->shop->terms, ['inspection_days' => 0])]);
    $this->get("$this->base/price-and-papers")->assertSee('The work can begin on')->assertSee('When all is done is not known')
        ->assertSee('ask for the inspection');
    $this->put("$this->base/install-day", ['install_on' => now()->addDays(5)->toDateString(), 'was' => '{"install_on":null}'])
        ->assertSessionHasNoErrors();
    $this->get("$this->base/price-and-papers")->assertSee('The agreed day cannot be kept');
    $this->put("$this->base/install-day", ['install_on' => '', 'was' => '{"install_on":"2020-01-01"}'])->assertStatus(409);
    $this->put("$this->base/install-day", ['install_on' => '2026-02-30', 'was' => '{}'])->assertSessionHasErrors('install_on');
    $ics = (string) $this->get("$this->base/dates.ics")->assertOk()->getContent();
    expect($ics)->toContain('SUMMARY:Order the machine (Kestrel Gap goat dairy)')->toContain('SUMMARY:Install (')
        ->toContain('Test under load');
});

it('gives the dates of all jobs to a calendar that has the address, and to nobody once it is ended', function () {
    $this->put("$this->base/step", ['id' => 'machine', 'days' => '30', 'begun_on' => '', 'done_on' => '', 'was' => '{}']);
    $this->put('/account/feed')->assertRedirect('/account');
    $address = session('feed');
    $this->get('/account')->assertSee($address);
    $this->get('/account')->assertDontSee($address);
    auth()->logout();
    $ics = (string) $this->get($address)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent();
    expect($ics)->toContain('Kestrel Gap goat dairy')->toContain('Lake Ansgar lodge')->not->toContain('Harrow Lane')
        ->and(Sabre\VObject\Reader::read($ics)->VEVENT)->not->toBeNull();
    $this->get('/feed/'.str_repeat('a', 48).'.ics')->assertNotFound();
    $this->actingAs($this->nell)->put('/account/feed');
    $second = session('feed');
    $this->get($address)->assertNotFound();
    $this->get($second)->assertOk();
    $this->delete('/account/feed')->assertRedirect('/account');
    $this->get($second)->assertNotFound();
});

it('measures what else is laid, once for all that lies between the same two', function () {
    $length = fn (string $ft, string $was = '{"ft":null}') => $this->put(
        "$this->base/length", ['id' => 'branch switch box', 'ft' => $ft, 'was' => $was],
    );
    $length('-2')->assertSessionHasErrors('ft');
    $length('12.5')->assertSessionHasNoErrors();
    expect(($this->file)()->wire->betweenFt('branch switch box'))->toBe(12.5)->and(($this->file)()->wire->runFt)->toBe(38.0);
    $length('13')->assertStatus(409);
    $length('', '{"ft":12.5}')->assertSessionHasNoErrors();
    expect(($this->file)()->wire->betweenFt('branch switch box'))->toBeNull();
    $row = Job::query()->where('name', 'Salt Wharf row house')->firstOrFail();
    $this->get("/jobs/$row->id/wire")->assertOk()->assertSee('7 branch circuits')->assertSee('Junction box beside the panel');
});

it('leaves price and quotes to who decides, and what came back to anybody', function () {
    $this->actingAs($this->person('pip@shop.example', $this->nell->shop, PersonRole::Apprentice));
    $this->get("$this->base/price-and-papers")->assertOk();
    ($this->answer)([])->assertForbidden();
    ($this->handOver)(false)->assertForbidden();
    $this->put("$this->base/offer/beside", ['way' => 'hard_cord', 'offered' => '1'])->assertForbidden();
    $this->put("$this->base/part-price", ['part' => 'x', 'unit' => 'each', 'price_usd' => '1'])->assertForbidden();
    $this->put("$this->base/sent", [
        'id' => '', 'paper' => 'other', 'to' => 'Town hall', 'on' => '2026-11-10', 'back_on' => '', 'granted' => '', 'note' => '',
        'was' => '{}',
    ])->assertSessionHasNoErrors();
    expect(($this->file)()->quotes->quotes)->toHaveCount(1)->and(($this->file)()->agreed->sent)->toHaveCount(1);
});

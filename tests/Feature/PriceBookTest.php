<?php

declare(strict_types=1);

use App\Access\PersonRole;
use App\Models\PartPrice;
use App\Models\PriceRow;
use App\Models\ShopEvent;
use App\Shop\ShopPrices;
use Illuminate\Http\UploadedFile;
use Underpin\Assembly\Task;

beforeEach(function () {
    $this->nell = $this->person('nell@shop.example');
    $this->actingAs($this->nell);
    $this->nell->shop->partPrices()->delete();
    $this->nell->shop->priceRows()->delete();
    /** @param  array<string, array<string, string|array{string, string}>>  $rows  what is typed, or what stood there and what is typed */
    $this->type = function (array $rows, string $sheet = 'part') {
        $cells = [];
        foreach ($rows as $row => $columns) {
            foreach ($columns as $column => $value) {
                [$was, $now] = is_array($value) ? $value : ['', $value];
                $cells[] = ['row' => (string) $row, 'column' => $column, 'value' => $now, 'was' => $was];
            }
        }

        return $this->putJson('/shop/cells', ['sheet' => $sheet, 'cells' => json_encode($cells)]);
    };
});

it('takes a pasted block, a row at a time, and holds up no good row for a bad one', function () {
    $answer = ($this->type)([
        'new 0' => ['part' => 'Inlet L14-30P, 30 A', 'unit' => 'each', 'price_usd' => '72.50', 'price_on' => '2026-11-02',
            'supplier' => 'Penhallow'],
        'new 1' => ['part' => '10 AWG copper, red', 'unit' => 'ft', 'pack' => '500', 'price_usd' => '148', 'lead_days' => '3'],
        'new 2' => ['part' => 'Anvil', 'price_usd' => '-1'], 'new 3' => ['part' => 'Prophecy', 'price_on' => '2099-01-01'],
        'new 4' => ['part' => '', 'price_usd' => '3'], 'new 5' => ['part' => 'Rope', 'price_usd' => '=1+2'],
    ])->assertOk()->json();
    expect(array_column($answer['saved'], 'key'))->toBe(['inlet-l14-30p-30-a', '10-awg-copper-red'])
        ->and(array_column($answer['refused'], 'column', 'row'))
        ->toBe(['new 2' => 'price_usd', 'new 3' => 'price_on', 'new 4' => 'part', 'new 5' => 'price_usd'])
        ->and(implode(' ', array_column($answer['refused'], 'message')))->toContain('Price')->toContain('2099-01-01 is still to come')
        ->toContain('=1+2');
    $book = ShopPrices::book($this->nell->shop->refresh());
    expect($book->part('inlet l14-30p, 30 a')->price->cents)->toBe(7_250)->and($book->part('10 AWG copper, red')->packs(501))->toBe(2.0)
        ->and($book->part('Anvil'))->toBeNull()->and(ShopEvent::query()->where('of', 'part')->count())->toBe(2);
});

it('takes a price that is typed as that of the day, unless its day is typed too', function () {
    $today = now()->toDateString();
    $on = fn (): ?string => PartPrice::query()->sole()->price_on;
    ($this->type)(['new 0' => ['part' => 'Sign', 'price_usd' => '2', 'price_on' => '2026-01-05']])->assertJsonPath('saved.0.set', []);
    expect($on())->toBe('2026-01-05');
    ($this->type)(['sign' => ['supplier' => ['', 'our shelf']]])->assertJsonPath('saved.0.set', []);
    expect($on())->toBe('2026-01-05');
    ($this->type)(['sign' => ['price_usd' => ['2', '3']]])->assertJsonPath('saved.0.set', ['price_on' => $today]);
    expect($on())->toBe($today);
    ($this->type)(['sign' => ['price_usd' => ['3', '2'], 'price_on' => [$today, '2026-01-05']]])->assertJsonPath('saved.0.set', []);
    expect($on())->toBe('2026-01-05');
    ($this->type)(['sign' => ['price_usd' => ['2', '']]])->assertJsonPath('saved.0.set', ['price_on' => null]);
    expect($on())->toBeNull();
});

it('lets nobody write over what somebody else has changed since, and says who', function () {
    ($this->type)(['new 0' => ['part' => 'Sign', 'price_usd' => '2']]);
    ($this->type)(['sign' => ['price_usd' => ['2', '3']]])->assertOk()->assertJsonPath('refused', []);
    $late = ($this->type)(['sign' => ['price_usd' => ['2', '4']]])->assertOk()->json('refused');
    expect($late)->toHaveCount(1)->and($late[0]['column'])->toBe('price_usd')->and($late[0]['message'])->toContain('changed this to "3"')
        ->and(PartPrice::query()->sole()->price_cents)->toBe(300);
    // Another column of the same row is nobody's business.
    ($this->type)(['sign' => ['supplier' => ['', 'our shelf']]])->assertJsonPath('refused', []);
    expect(PartPrice::query()->sole()->supplier)->toBe('our shelf');
});

it('takes a step back as a step of its own, and a renamed part keeps its price', function () {
    ($this->type)(['new 0' => ['part' => 'Sign', 'price_usd' => '2']]);
    $key = ($this->type)(['sign' => ['part' => ['Sign', 'Sign, printed']]])->json('saved.0.key');
    expect($key)->toBe('sign-printed')->and(PartPrice::query()->sole()->price_cents)->toBe(200);
    $this->post('/shop-history/'.ShopEvent::query()->max('id').'/take-back')->assertRedirect('/prices');
    expect(PartPrice::query()->sole()->part)->toBe('Sign');
    ($this->type)(['new 0' => ['part' => 'Sign', 'price_usd' => '9']])->assertJsonPath('refused.0.message',
        fn (string $m): bool => str_contains($m, 'that name already'));
});

it('keeps hours and fees of work, and refuses what is no work of this shop', function () {
    ($this->type)(['interlock-kit' => ['hours' => '0.75'], 'permit' => ['price_usd' => '120']], 'work')->assertJsonPath('refused', []);
    $book = ShopPrices::book($this->nell->shop->refresh());
    expect($book->hours(Task::Interlock))->toBe(0.75)->and($book->task(Task::Permit)->price->cents)->toBe(12_000)
        ->and($book->hours(Task::Inlet30))->toBe(Task::Inlet30->usualHours());
    ($this->type)(['magic' => ['hours' => '1']], 'work')->assertJsonCount(1, 'refused');
    ($this->type)(['permit' => ['hours' => '-3']], 'work')->assertJsonPath('refused.0.column', 'hours');
    expect(PriceRow::query()->count())->toBe(2);
});

it('goes out as a sheet and comes in again, rows that run nothing', function () {
    $sheet = "part,unit,pack,price_usd,price_on,supplier,lead_days\n\"Sign, printed\",each,1,1.80,2026-11-02,our shelf,0\n"
        ."=HYPERLINK(1),each,1,2,,,\nAnvil,each,1,-2,,,\nProphecy,each,1,2,2099-01-01,,\n";
    $this->post('/shop/part/import', ['file' => UploadedFile::fake()->createWithContent('p.csv', $sheet)])->assertRedirect('/prices');
    expect(session('status'))->toStartWith('2 added, 0 changed. Not taken: 2')->and(implode(' ', session('not-taken')))
        ->toContain('still to come');
    $out = (string) $this->get('/shop/part.csv')->assertOk()->getContent();
    expect($out)->toContain('"Sign, printed",each,1,1.8,2026-11-02,our shelf,0')->and(preg_match('/(^|,)"?=/m', $out))->toBe(0);
    $this->post('/shop/part/import', ['file' => UploadedFile::fake()->createWithContent('p.csv', str_replace('1.80', '2.10', $sheet))]);
    expect(session('status'))->toStartWith('0 added, 1 changed')
        ->and(PartPrice::query()->where('key', 'sign-printed')->sole()->price_cents)->toBe(210);
});

it('keeps how prices are made, and the terms under a quote', function () {
    $this->nell->shop->update(['terms' => null]);
    $fields = [
        'hour_usd' => '96', 'margin_pct' => '22', 'tax_pct' => '6.25', 'tax_on' => 'all', 'deposit_pct' => '30', 'valid_days' => '21',
        'permit_days' => '10', 'utility_days' => '', 'gas_days' => '', 'inspection_days' => '4', 'terms' => 'Half now.',
    ];
    $this->put('/prices/terms', [...$fields, 'was' => '{}'])->assertRedirect('/prices');
    $terms = ShopPrices::terms($this->nell->shop->refresh());
    expect($terms->hour->cents)->toBe(9_600)->and($terms->taxOn->value)->toBe('all')->and($terms->validDays)->toBe(21)
        ->and($terms->utilityDays)->toBeNull()->and($terms->words)->toBe('Half now.');
    $this->get('/prices')->assertOk()->assertSee('Half now.');
    $this->put('/prices/terms', [...$fields, 'tax_pct' => '-1', 'was' => '{}'])->assertSessionHasErrors('tax_pct');
    $this->put('/prices/terms', [...$fields, 'hour_usd' => '99', 'was' => json_encode([...$fields, 'hour_usd' => 95.0])])
        ->assertStatus(409);
    $this->post('/shop-history/'.ShopEvent::query()->max('id').'/take-back')->assertRedirect('/prices');
    expect(ShopPrices::terms($this->nell->shop->refresh())->hour)->toBeNull();
});

it('is for who decides, and takes no sheet that is not there', function () {
    ($this->type)(['x' => ['part' => 'x']], 'jobs')->assertNotFound();
    $this->putJson('/shop/cells', ['sheet' => 'part', 'cells' => 'x'])->assertStatus(422);
    $this->putJson('/shop/cells', ['sheet' => 'part', 'cells' => '[{"row":"x"}]'])->assertStatus(422);
    ($this->type)(['new 0' => ['part' => 'Sign', 'shop_id' => '7']])->assertOk()->assertJsonPath('saved', [])->assertJsonCount(1,
        'refused');
    $this->actingAs($this->person('pip@shop.example', $this->nell->shop, PersonRole::Apprentice));
    ($this->type)(['new 0' => ['part' => 'Sign', 'price_usd' => '2']])->assertForbidden();
    $this->get('/prices')->assertOk()->assertSee('You can look');
    expect(PartPrice::query()->count())->toBe(0);
});

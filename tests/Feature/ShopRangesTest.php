<?php

declare(strict_types=1);

use App\Access\PersonRole;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Models\ShopEvent;
use Tests\Support\Houses;

beforeEach(function () {
    $this->actingAs($this->nell = $this->person('nell@shop.example'));
    $this->type = fn (string $row, string $column, string $value) => $this->putJson('/shop/cells', [
        'sheet' => 'range', 'cells' => json_encode([['row' => $row, 'column' => $column, 'value' => $value, 'was' => '']]),
    ]);
});

it('gives every new job the ranges of the shop, and leaves those of an old one until somebody takes them', function () {
    $old = $this->job($this->nell, Houses::small(Houses::supply(), 'interlock'));
    ($this->type)('cool-down', 'low', '4')->assertJsonPath('refused', []);
    ($this->type)('cool-down', 'high', '6')->assertJsonPath('refused', []);
    ($this->type)('dip', 'high', '25')->assertJsonPath('refused', []);
    $this->get('/local-rules')->assertSee('value="25"', false)->assertSee('Range of per cent of the volts lost');
    $this->post('/jobs', ['name' => 'A new one'])->assertRedirect();
    $range = fn (Job $job, string $of) => JobRows::read($job->refresh())->work->range($of);
    $new = Job::query()->where('name', 'A new one')->firstOrFail();
    expect($range($new, 'cool-down')->high)->toBe(6.0)->and($range($new, 'dip')->ofShop)->toBeTrue()
        ->and($range($old, 'dip'))->toBeNull();

    $label = ['id' => 'dip', 'low' => '', 'high' => '20', 'of_shop' => '0', 'was' => '{}'];
    $this->put("/jobs/$old->id/work/range", $label)->assertRedirect();
    $this->get("/jobs/$old->id/prove")->assertSee('The shop has other ranges by now');
    $this->put("/jobs/$old->id/work/ranges-of-shop")->assertRedirect();
    $this->get("/jobs/$old->id/prove")->assertDontSee('The shop has other ranges by now');
    expect($range($old, 'cool-down')->low)->toBe(4.0)->and($range($old, 'dip')->high)->toBe(20.0)
        ->and($range($old, 'dip')->ofShop)->toBeFalse();

    expect(ShopEvent::query()->where('of', 'range')->count())->toBe(3);
    // Somebody else has set it since this page was opened empty.
    ($this->type)('dip', 'high', '')->assertJsonPath('refused.0.column', 'high');
});

it('refuses by cell what makes no range, a reading that there is not, and whoever keeps no stock', function () {
    ($this->type)('cool-down', 'low', '4')->assertJsonPath('refused', []);
    expect(($this->type)('cool-down', 'high', '3')->json('refused.0.message'))->toContain('To: must be at least 4');
    ($this->type)('magic', 'low', '1')->assertJsonCount(1, 'refused');
    expect(($this->type)('cool-down', 'high', 'soon')->json('refused.0.message'))->toContain('To');
    $this->actingAs($this->person('sam@shop.example', $this->nell->shop, PersonRole::Apprentice));
    ($this->type)('dip', 'high', '20')->assertForbidden();
    $this->get('/local-rules')->assertOk();
});

<?php

declare(strict_types=1);

use App\JobFile\JobRows;
use App\Models\Job;
use Underpin\Job\Circuit;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Role;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->cells = fn (array $cells): array => ['cells' => json_encode(array_map(
        fn (array $cell): array => ['row' => $cell[0], 'column' => $cell[1], 'value' => $cell[2], 'was' => $cell[3] ?? null], $cells,
    ))];
    $this->file = fn (): JobFile => JobRows::read(Job::query()->findOrFail($this->job->id));
    $this->called = fn (string $name): Circuit => array_values(
        array_filter(($this->file)()->circuits(), fn (Circuit $c): bool => $c->name === $name || $c->id === $name),
    )[0];
    $this->seq = fn (): int => (int) $this->job->events()->max('seq');
});

it('shows every breaker and load as lines of a sheet', function () {
    $load = ($this->called)('c2')->loads[0];
    $this->get("$this->base/grid")->assertOk()->assertSee("id=\"g-c2/$load->id\"", false)->assertSee('Another breaker')
        ->assertSee('leg A')->assertDontSee('data-column="panel"', false);
});

it('saves a cell, and answers with its line, the strip and the sums', function () {
    $answer = $this->putJson("$this->base/grid", ($this->cells)([['c8/', 'role', '1']]), ['X-Parts' => '1', 'X-Grid' => '1'])->assertOk();
    expect($answer->json('refused'))->toBe([])->and($answer->json('circuits'))->toBe(['c8'])->and($answer->json('reload'))->toBeFalse()
        ->and($answer->json('html'))->toContain('id="part-strip"')->toContain('id="part-sums"')->toContain('data-circuit="c8"')
        ->and(($this->called)('c8')->role)->toBe(Role::Must);
});

it('makes one step of a paste, which one step takes back', function () {
    $before = $this->get("$this->base/job.json")->getContent();
    $this->putJson("$this->base/grid", ($this->cells)([
        ['c8/', 'name', 'Shed'], ['c8/', 'run_w', '300'], ['new 1', 'name', 'Fridge'], ['new 1', 'amps', '20'],
    ]), ['X-Grid' => '1'])->assertOk()->assertJsonPath('refused', []);
    expect(($this->seq)())->toBe(1)->and(($this->called)('Fridge')->breakerAmps)->toBe(20);
    $answer = $this->postJson("$this->base/undo", ['seq' => 1, 'label' => 'x'], ['X-Grid' => '1'])->assertOk();
    expect($this->get("$this->base/job.json")->getContent())->toBe($before)
        ->and($answer->json('circuits'))->toContain('c8')->and($answer->json('said'))->toBe('Undone: x');
    $this->postJson("$this->base/redo", ['seq' => 2, 'label' => 'x'], ['X-Grid' => '1'])->assertOk();
    expect(($this->called)('c8')->name)->toBe('Shed');
});

it('takes the lines that can be taken, and names what cannot', function () {
    $answer = $this->putJson("$this->base/grid", ($this->cells)([['c8/', 'name', 'Shed'], ['c2/', 'amps', 'lots']]), ['X-Grid' => '1']);
    expect($answer->json('refused.0.column'))->toBe('amps')->and($answer->json('refused.0.message'))->toContain('"lots" was given')
        ->and($answer->json('said'))->not->toContain('Saved')
        ->and(array_column($answer->json('saved'), 'row'))->toBe(['c8/'])
        ->and(($this->called)('c8')->name)->toBe('Shed');
});

it('refuses what is no list of cells, and says nothing was saved', function (mixed $sent) {
    $this->putJson("$this->base/grid", ['cells' => $sent], ['X-Grid' => '1'])->assertUnprocessable();
    expect(($this->seq)())->toBe(0);
})->with(['nothing' => [null], 'a word' => ['x'], 'no row' => ['[{"column":"name","value":"x"}]'], 'a list' => [[['row' => 'c8/']]]]);

it('does not overwrite what somebody else has changed since', function () {
    $answer = $this->putJson("$this->base/grid", ($this->cells)([['c8/', 'name', 'Shed', 'Something older']]), ['X-Grid' => '1']);
    expect($answer->json('refused.0.message'))->toContain('somebody else has changed this')->and(($this->seq)())->toBe(0);
});

it('takes what the name of a breaker suggests, one or all', function () {
    $this->putJson("$this->base/grid", ($this->cells)([
        ['new 1', 'name', 'CPAP'], ['new 1', 'amps', '15'], ['new 2', 'name', 'Toaster'], ['new 2', 'amps', '20'],
    ]), ['X-Grid' => '1']);
    [$cpap, $toaster] = [fn (): Circuit => ($this->called)('CPAP'), fn (): Circuit => ($this->called)('Toaster')];
    $this->get("$this->base/grid")->assertSee('placeholder="Breathing aid at night"', false)->assertSee('Take all');
    $this->post("$this->base/suggestions", ['circuit' => $toaster()->id, 'grade' => 'high'])->assertRedirect();
    expect($toaster()->runW())->toBe(1500.0)->and($cpap()->loads)->toBe([]);
    $this->postJson("$this->base/suggestions", ['circuit' => ''], ['X-Grid' => '1'])->assertOk();
    expect($cpap()->runW())->toBe(60.0)->and($cpap()->role)->toBe(Role::Must)->and($toaster()->loads)->toHaveCount(1);
    $this->postJson("$this->base/suggestions", ['circuit' => ''], ['X-Grid' => '1'])
        ->assertJsonPath('said', 'No name says more than what stands there.');
});

it('is closed to another shop', function () {
    $this->flushSession();
    $this->actingAs($this->person('sam@two.example'));
    $this->get("$this->base/grid")->assertNotFound();
    $this->putJson("$this->base/grid", ($this->cells)([['c8/', 'name', 'Shed']]))->assertNotFound();
    $this->postJson("$this->base/suggestions", [])->assertNotFound();
});

<?php

declare(strict_types=1);

use App\Access\Decisions;
use App\Access\PersonRole;
use App\JobFile\JobEditor;
use App\JobFile\JobState;
use App\Models\Job;
use App\Models\ShopEvent;
use App\Shop\Machines;
use App\Shop\ShopEditor;
use Illuminate\Auth\Access\AuthorizationException;
use Tests\Support\Houses;
use Tests\Support\WireForm;
use Underpin\Job\Generator;
use Underpin\Job\Job as JobFile;

beforeEach(function (): void {
    $this->owner = $this->person();
    $this->apprentice = $this->person('cy@one.example', $this->owner->shop, PersonRole::Apprentice);
    $this->job = $this->job($this->owner);
});

/** Puts a form of a stage of the job, as the apprentice. */
function asApprentice(object $test, string $method, string $path, array $fields = []): Illuminate\Testing\TestResponse
{
    return $test->actingAs($test->apprentice)->call($method, "/jobs/{$test->job->id}/$path", $fields);
}

it('says of every part of a job file whether it is found or decided', function () {
    $parts = array_keys((new JobState(Houses::small()))->toArray());
    $said = [...Decisions::FOUND, ...array_keys(Decisions::DECIDED)];
    sort($parts);
    sort($said);
    expect($said)->toBe($parts);
});

it('lets an apprentice note what is found', function () {
    asApprentice($this, 'PATCH', '', [
        'name' => 'Renamed', 'customer_name' => 'Ulla', 'customer_address' => '', 'customer_phone' => '', 'customer_email' => '',
        'customer_utility_phone' => '', 'service_a' => '200', 'notes' => '',
    ])->assertRedirect();
    expect($this->job->refresh()->name)->toBe('Renamed');
    $circuit = $this->job->circuits()->firstOrFail();
    asApprentice($this, 'PATCH', "circuits/$circuit->key/role", ['role' => 'must', 'stage' => 'loads'])->assertRedirect();
    $this->post('/jobs', ['name' => 'New one'])->assertRedirect();
    expect(Job::query()->where('name', 'New one')->exists())->toBeTrue();
});

it('lets an apprentice draw the site, and not move the machine', function () {
    asApprentice($this, 'PUT', 'place/building', [
        'id' => '', 'name' => 'Shed', 'kind' => 'other', 'corners' => '10 x 8', 'burns' => '1',
    ])->assertRedirect();
    expect(JobEditor::open($this->job->refresh())->job->plan->buildings)->toHaveCount(1);
    $this->get("/jobs/{$this->job->id}/place-and-fuel")->assertOk()->assertSee('You can look')->assertSee('Add a building')
        ->assertDontSee('data-move', false);
});

it('lets an apprentice decide nothing', function (string $path, array $fields) {
    $before = JobEditor::open($this->job)->job;
    asApprentice($this, 'PUT', $path, $fields)->assertForbidden()->assertSee('for an electrician of the shop to decide');
    expect(JobEditor::open($this->job->refresh())->job)->toEqual($before)
        ->and($this->job->events()->count())->toBe(0);
    $this->actingAs($this->person('bo@one.example', $this->owner->shop, PersonRole::Electrician))
        ->put("/jobs/{$this->job->id}/$path", $fields)->assertRedirect();
    expect($this->job->events()->count())->toBe(1);
})->with([
    'the machine' => ['machine', ['key' => 'badger-120', 'fuel' => 'gasoline']],
    'the margin' => ['margin', ['margin_pct' => '35']],
    'the connection' => ['connection', ['connection' => 'interlock']],
    'the order of the start' => ['start-routine', ['start_school' => 'cord_first']],
    'the wiring' => ['wire', WireForm::with(['cord_ft' => '31', 'run_ft' => '41', 'inlet_a' => '50', 'terminal_c' => '75'])],
    'what sizing rests on' => ['schools', ['figures' => 'measure', 'figures_reason' => 'because']],
    'the local rules' => ['rules', ['profile' => 'tarn-county']],
    'where the machine stands' => ['place/machine', [
        'x' => '4', 'y' => '5', 'exhaust' => 'top', 'width_ft' => '', 'depth_ft' => '', 'platform_in' => '', 'served_top' => '0',
        'served_right' => '0', 'served_bottom' => '0', 'served_left' => '0',
    ]],
    'the way of the cord' => ['place/way', ['kind' => 'cord', 'points' => '0,0 9,9']],
    'a setting of the switch' => ['connection/setting', ['start_s' => '10']],
]);

it('lets an apprentice take back what is found, and not what was decided', function () {
    $edited = JobEditor::change(
        $this->job, $this->owner, 'Margin', fn (JobFile $file): JobFile => $file->with(new Generator(null, null, 40.0)),
    );
    $top = $edited->steps()->undo?->seq;
    expect($top)->not->toBeNull();
    asApprentice($this, 'POST', 'undo', ['seq' => $top, 'stage' => 'size'])->assertForbidden();
    expect(JobEditor::open($this->job->refresh())->job->generator->marginPct)->toBe(40.0);
});

it('lets an apprentice bring in no job in which something was decided', function () {
    $decided = Houses::small()->with(Houses::small()->connection->with(way: 'interlock'));
    expect(fn () => JobEditor::create($this->owner->shop, $this->apprentice, $decided))
        ->toThrow(AuthorizationException::class, 'how it connects')
        ->and(Job::query()->count())->toBe(1);
    JobEditor::create($this->owner->shop, $this->owner, $decided);
    expect(Job::query()->count())->toBe(2);
});

it('lets an apprentice neither remove a job nor bring one back, and only the owner let it go', function () {
    $electrician = $this->person('bo@one.example', $this->owner->shop, PersonRole::Electrician);
    asApprentice($this, 'DELETE', '')->assertForbidden();
    expect($this->job->refresh()->trashed())->toBeFalse();
    $this->actingAs($electrician)->delete("/jobs/{$this->job->id}")->assertRedirect();
    asApprentice($this, 'POST', 'restore')->assertForbidden();
    foreach ([$this->apprentice, $electrician] as $other) {
        $this->actingAs($other)->delete('/removed', ['sure' => '1'])->assertForbidden();
    }
    expect($this->job->refresh()->trashed())->toBeTrue();
    $this->actingAs($this->owner)->delete('/removed', ['sure' => '1'])->assertRedirect('/removed');
    expect(Job::withTrashed()->count())->toBe(0);
});

it('lets an apprentice change nothing that the shop picks from', function () {
    $user = $this->apprentice;
    expect(fn () => ShopEditor::add($user, new Machines, 'x', ['name' => 'x']))->toThrow(AuthorizationException::class)
        ->and(fn () => ShopEditor::change($user, new Machines, 'badger-120', 'x', [], [], [], fn () => []))
        ->toThrow(AuthorizationException::class)
        ->and(fn () => ShopEditor::takeBack($user, new ShopEvent(['of' => 'machine', 'of_key' => 'badger-120'])))
        ->toThrow(AuthorizationException::class);
    $rules = $this->actingAs($user)->get('/local-rules/tarn-county')->assertOk()->assertSee('You can look');
    expect($rules->getContent())->toContain('<fieldset class="whole" disabled>');
});

it('shows an apprentice what was decided, with nothing to press', function (string $stage) {
    $page = asApprentice($this, 'GET', $stage)->assertOk();
    expect($page->getContent())->toContain('<fieldset class="whole" disabled>');
    $this->actingAs($this->owner)->get("/jobs/{$this->job->id}/$stage")->assertOk()->assertDontSee('<fieldset class="whole"', false);
})->with(['size', 'connect', 'wire', 'run']);

it('tells the page\'s script why', function () {
    $this->actingAs($this->apprentice)
        ->put("/jobs/{$this->job->id}/margin", ['margin_pct' => '35'], ['X-Parts' => '1', 'Accept' => 'application/json, text/html'])
        ->assertForbidden()->assertJson(['message' => 'Not changed: the margin is for an electrician of the shop to decide.']);
});

<?php

declare(strict_types=1);

use App\Models\Job;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;

/** Sends the form of a new load, as the page's script does. */
function addLoad(object $test, Job $job, string $name, array $fields = []): Illuminate\Testing\TestResponse
{
    $circuit = $job->circuits()->firstOrFail();

    return $test->post("/jobs/$job->id/circuits/$circuit->key/loads", $fields + [
        'name' => 'Lamp', 'kind' => 'lighting', 'run_w' => '60', 'start_w' => '60', 'pf' => '1',
    ], ['X-Parts' => '1', 'X-Once' => $name, 'Accept' => 'application/json, text/html']);
}

it('makes a change once, however often it is sent', function () {
    $user = $this->person();
    $job = $this->job($user);
    $before = $job->loads()->count();
    $this->actingAs($user);
    $name = str_repeat('0a', 16);
    addLoad($this, $job, $name)->assertOk();
    addLoad($this, $job, $name)->assertStatus(208);
    expect($job->loads()->count())->toBe($before + 1);
    addLoad($this, $job, str_repeat('0b', 16))->assertOk();
    expect($job->loads()->count())->toBe($before + 2);
});

it('lets what was refused be sent again', function () {
    $user = $this->person();
    $job = $this->job($user);
    $before = $job->loads()->count();
    $this->actingAs($user);
    $name = str_repeat('0c', 16);
    addLoad($this, $job, $name, ['run_w' => 'much'])->assertStatus(422);
    addLoad($this, $job, $name)->assertOk();
    expect($job->loads()->count())->toBe($before + 1);
});

it('does not take the name of one person for that of another', function () {
    $user = $this->person();
    $job = $this->job($user);
    $name = str_repeat('0d', 16);
    $this->actingAs($user);
    addLoad($this, $job, $name)->assertOk();
    $this->actingAs($this->person('bo@one.example', $user->shop));
    addLoad($this, $job, $name)->assertOk();
});

it('asks whoever sends it again to wait while it is being made, and does not break', function () {
    $user = $this->person();
    $job = $this->job($user);
    $before = $job->loads()->count();
    $this->actingAs($user);
    Cache::partialMock()->shouldReceive('lock')->andThrow(new LockTimeoutException);
    addLoad($this, $job, str_repeat('0e', 16))->assertStatus(503)->assertHeader('Retry-After');
    expect($job->loads()->count())->toBe($before);
});

it('makes once what leads to another page', function () {
    $user = $this->person();
    $this->actingAs($user);
    $fields = ['name' => 'Once only'];
    $heads = ['X-Once' => str_repeat('0f', 16)];
    $this->post('/jobs', $fields, $heads)->assertRedirect();
    $this->post('/jobs', $fields, $heads)->assertStatus(208);
    expect(Job::query()->where('name', 'Once only')->count())->toBe(1);
});

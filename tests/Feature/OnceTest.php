<?php

declare(strict_types=1);

use App\Models\Job;

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

<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Machine;

it('does not let one shop see or touch another\'s job', function (string $method, string $path) {
    $owner = $this->person('ada@one.example');
    $job = $this->job($owner);
    $stranger = $this->person('sam@two.example');
    $this->actingAs($stranger)->call($method, str_replace('{job}', (string) $job->id, $path))->assertNotFound();
    expect($job->refresh()->deleted_at)->toBeNull()->and($job->circuits()->count())->toBe(5);
})->with([
    ['GET', '/jobs/{job}'], ['GET', '/jobs/{job}/survey'], ['GET', '/jobs/{job}/loads'], ['GET', '/jobs/{job}/size'], ['GET', '/jobs/{job}/run'],
    ['GET', '/jobs/{job}/card.pdf'], ['GET', '/jobs/{job}/job.json'], ['GET', '/jobs/{job}/schedule.csv'], ['GET', '/jobs/{job}/library?q=a'],
    ['PATCH', '/jobs/{job}'], ['DELETE', '/jobs/{job}'], ['POST', '/jobs/{job}/undo'], ['POST', '/jobs/{job}/restore'], ['POST', '/jobs/{job}/schedule/take'],
    ['PATCH', '/jobs/{job}/circuits/c5/role'], ['DELETE', '/jobs/{job}/circuits/c5'], ['PUT', '/jobs/{job}/machine'], ['PATCH', '/jobs/{job}/panels/main'],
]);

it('lists and finds only the own shop\'s jobs', function () {
    $this->job($this->person('ada@one.example'));
    $stranger = $this->person('sam@two.example');
    $this->actingAs($stranger)->get('/')->assertOk()->assertDontSee('Small house');
    $this->actingAs($stranger)->get('/find?q=Small')->assertOk()->assertDontSee('Small house');
    $this->actingAs($stranger)->get('/find?q=Well&job='.Job::query()->firstOrFail()->id)->assertDontSee('Well pump');
});

it('picks only machines of the own catalogue', function () {
    $user = $this->person('ada@one.example');
    $job = $this->job($user);
    $other = $this->person('sam@two.example');
    Machine::query()->where('shop_id', $user->shop_id)->delete();
    $this->actingAs($user)->put("/jobs/$job->id/machine", ['key' => 'otter-80', 'fuel' => 'gasoline'])->assertSessionHasErrors('key');
    expect($other->shop->machines()->count())->toBeGreaterThan(10);
});

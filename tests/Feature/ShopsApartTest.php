<?php

declare(strict_types=1);

use App\Files\FileStore;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Models\Machine;
use App\Models\Run;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Underpin\Exchange\JobFile;

it('does not let one shop see or touch another\'s job, at any address that its own people have', function () {
    Storage::fake('local');
    $owner = $this->person('ada@one.example');
    $stranger = $this->person('sam@two.example');
    $asked = 0;
    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (! str_starts_with($route->uri(), 'jobs/{job}')) {
            continue;
        }
        $job = $this->job($owner);
        $hash = FileStore::put('picture');
        $job->photos()->create(
            [
                'key' => 'p', 'of' => 'stage', 'of_key' => 'survey', 'name' => 'p', 'width' => 1, 'height' => 1, 'bytes' => 1,
                'hash' => $hash, 'small_hash' => $hash,
            ]
        );
        $job->recordings()->create(['key' => 'rec', 'name' => 'Rec', 'began_ms' => 1, 'ended' => false, 'inlet_a' => 30, 'buffer_a' => 0]);
        $run = Run::query()->create(
            ['job_id' => $job->id, 'user_id' => $owner->id, 'task' => 'utility_data', 'label' => 'x', 'input' => ['path' => 'x']]
        );
        $path = '/'.strtr($route->uri(), [
            '{job}' => $job->id, '{panel}' => 'main', '{circuit}' => 'c5', '{load}' => 'c5-load', '{disconnect}' => 'd1', '{photo}' => 'p',
            '{recording}' => 'rec',
            '{run}' => $run->id, '{stage}' => 'loads', '{drawing}' => 'panel-before', '{sheet}' => '1', '{format}' => 'svg',
            '{paper}' => 'permit-packet', '{quote}' => '1042-1',
            '/library' => '/library?circuit=c5',
        ]);
        $before = JobFile::standard()->encode(JobRows::read($job));
        $this->actingAs($stranger)->call($route->methods()[0], $path)->assertNotFound();
        expect($job->refresh()->deleted_at)->toBeNull()->and(JobFile::standard()->encode(JobRows::read($job)))->toBe($before);
        // The address is there: it is the shop that keeps the stranger out.
        $status = $this->actingAs($owner)->call($route->methods()[0], $path)->getStatusCode();
        expect($status)->toBeIn([200, 302, 409], $route->methods()[0]." $path");
        $asked++;
    }
    expect($asked)->toBeGreaterThan(60);
});

it('lists and finds only the own shop\'s jobs', function () {
    $this->job($this->person('ada@one.example'));
    $stranger = $this->person('sam@two.example');
    $this->actingAs($stranger)->get('/')->assertOk()->assertDontSee('Small house');
    $this->actingAs($stranger)->get('/find?q=Small')->assertOk()->assertDontSee('Small house');
    $this->actingAs($stranger)->get('/find?q=Well&job='.Job::query()->firstOrFail()->id)->assertDontSee('loads?at=');
});

it('picks only machines of the own catalogue', function () {
    $user = $this->person('ada@one.example');
    $job = $this->job($user);
    $other = $this->person('sam@two.example');
    Machine::query()->where('shop_id', $user->shop_id)->delete();
    $this->actingAs($user)->put("/jobs/$job->id/machine", ['key' => 'otter-80', 'fuel' => 'gasoline'])->assertSessionHasErrors('key');
    expect($other->shop->machines()->count())->toBeGreaterThan(10);
});

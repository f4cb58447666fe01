<?php

declare(strict_types=1);

use App\JobFile\JobRows;
use App\Models\Job;
use Tests\Support\Houses;
use Underpin\Job\ExistingFault;
use Underpin\Job\Job as JobFile;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->begun = function (string $name = 'New one'): Job {
        $this->post('/jobs', ['name' => $name])->assertRedirect();

        return Job::query()->where('name', $name)->firstOrFail();
    };
    $this->file = fn (Job $job): JobFile => JobRows::read($job->fresh());
});

it('asks a new job for its name alone, and shows three ways to begin', function () {
    $like = $this->job($this->user);
    $job = ($this->begun)();
    expect(($this->file)($job)->service->panels)->toBe([]);
    $this->get("/jobs/$job->id/survey")->assertSee('Bring a sheet')->assertSee('Type the panel')->assertSee('Like another job')
        ->assertSee($like->name);
    $this->post('/jobs', ['name' => ' '])->assertSessionHasErrors('name');
});

it('begins with a panel whose breakers are typed in the grid', function () {
    $job = ($this->begun)();
    $this->post("/jobs/$job->id/panels/first", ['spaces' => '31', 'main_a' => ''])->assertSessionHasErrors('spaces');
    $this->post("/jobs/$job->id/panels/first", ['spaces' => '30', 'main_a' => '200 A'])->assertRedirect("/jobs/$job->id/grid");
    [$panel] = ($this->file)($job)->service->panels;
    expect([$panel->spaces, $panel->mainAmps, $panel->circuits])->toBe([30, 200, []]);
    $this->post("/jobs/$job->id/panels/first", ['spaces' => '30', 'main_a' => ''])->assertSessionHasErrors('spaces');
    $this->get("/jobs/$job->id/survey")->assertDontSee('Type the panel');
});

it('lays a job out like another, without what was looked at there', function () {
    $like = $this->job($this->user, Houses::small(Houses::supply(), 'interlock'));
    $job = ($this->begun)();
    $this->post("/jobs/$job->id/like", ['like' => (string) $like->id])->assertRedirect("/jobs/$job->id/survey");
    $made = ($this->file)($job);
    expect($made->customer->name)->toBe('')->and(count($made->circuits()))->toBe(5)->and($made->connection->way)->toBe('interlock');
    $this->post("/jobs/$job->id/like", ['like' => (string) $like->id])->assertSessionHasErrors('like');
});

it('lays none out like a job of another shop', function () {
    $foreign = $this->job($this->person('sam@two.example'));
    $job = ($this->begun)();
    $this->post("/jobs/$job->id/like", ['like' => (string) $foreign->id])->assertSessionHasErrors('like');
    expect(($this->file)($job)->service->panels)->toBe([]);
    $this->get("/jobs/$job->id/survey")->assertDontSee('value="'.$foreign->id.'"', false);
});

it('answers all questions about old equipment with one button, but takes back nothing that was found', function () {
    $job = $this->job($this->user);
    $this->get("/jobs/$job->id/survey")->assertSee('There is none');
    $this->put("/jobs/$job->id/existing/none")->assertRedirect();
    $existing = ($this->file)($job)->service->existing;
    expect($existing->faults())->toBe([])->and(count($existing->found))->toBe(count(ExistingFault::cases()));
    $this->get("/jobs/$job->id/survey")->assertDontSee('There is none');
    $first = ExistingFault::cases()[0];
    expect($existing->with($first, true)->withNone()->answer($first))->toBeTrue();
});

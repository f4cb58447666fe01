<?php

declare(strict_types=1);

use App\Models\Job;
use Underpin\JobFile\JobFileJson;

it('gives the three demo jobs full surveys and all three ways', function () {
    $this->actingAs($this->demo());
    foreach (['Kestrel Gap', 'Salt Wharf', 'Lake Ansgar'] as $name) {
        $job = Job::query()->where('name', 'like', "$name%")->firstOrFail();
        $file = JobFileJson::decode((string) $this->get("/jobs/$job->id/job.json")->getContent());
        expect($file->site->missing())->toBe([])->and($file->service->place)->not->toBeNull()->and($file->chain()->bonds())->not->toBe([])
            ->and($file->demand)->not->toBeNull()->and($file->recorded)->not->toBeNull()->and(array_filter($file->circuits(), fn ($c) => $c->measured !== null))->not->toBe([])
            ->and($file->existing->found)->not->toBe([])->and($job->recordings()->count())->toBe(1);
        foreach (['survey', 'schools', 'intervals', 'recordings', 'demand'] as $page) {
            $this->get("/jobs/$job->id/$page")->assertOk();
        }
    }
});

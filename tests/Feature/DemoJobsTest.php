<?php

declare(strict_types=1);

use App\JobFile\JobRows;
use App\Models\Job;
use App\Models\StandInMeter;
use App\Recordings\RecordingRows;
use Underpin\Exchange\JobFile;
use Underpin\Measure\Offer;
use Underpin\Measure\Offers;
use Underpin\Measure\StepFinder;
use Underpin\Service\Distribution;

it('gives the three demo jobs full surveys and all three ways', function () {
    $this->actingAs($this->demo());
    foreach (['Kestrel Gap', 'Salt Wharf', 'Lake Ansgar'] as $name) {
        $job = Job::query()->where('name', 'like', "$name%")->firstOrFail();
        $file = JobFile::standard()->decode((string) $this->get("/jobs/$job->id/job.json")->getContent());
        expect($file->site->missing())->toBe([])
            ->and($file->service->place)->not->toBeNull()
            ->and(Distribution::of($file)->bonds())->not->toBe([])
            ->and($file->basis->demand)->not->toBeNull()
            ->and($file->basis->recorded)->not->toBeNull()
            ->and(array_filter($file->circuits(), fn ($c) => $c->measured !== null))->not->toBe([])
            ->and($file->service->existing->found)->not->toBe([])->and($job->recordings()->count())->toBe(1);
        foreach (['survey', 'schools', 'intervals', 'recordings', 'demand'] as $page) {
            $this->get("/jobs/$job->id/$page")->assertOk();
        }
    }
});

it('shows recordings in which the measured circuits draw what was measured', function () {
    $this->demo();
    foreach (['Kestrel Gap', 'Salt Wharf', 'Lake Ansgar'] as $name) {
        $job = Job::query()->where('name', 'like', "$name%")->firstOrFail();
        $recording = $job->recordings()->firstOrFail();
        $measured = array_filter(
            Offers::of(
                StepFinder::find(RecordingRows::readings($recording)), RecordingRows::marks($recording),
                JobRows::read($job)->drawingCircuits(),
            ),
            fn (Offer $offer) => $offer->circuit?->measured !== null,
        );
        expect(count($measured))->toBeGreaterThan(1);
        foreach ($measured as $offer) {
            expect($offer->contradicts())->toBeFalse()
                ->and($offer->step->runAmps())->toEqualWithDelta($offer->circuit->measured->runAmps, 0.3);
        }
        // The stand-in house is the same house.
        $runs = array_column(StandInMeter::query()->where('job_id', $job->id)->firstOrFail()->state['loads'], 'run_a', 'c');
        foreach ($measured as $offer) {
            expect($runs[$offer->circuit->id])->toEqualWithDelta($offer->circuit->measured->runAmps, 1e-9);
        }
    }
});

<?php

declare(strict_types=1);

use App\Models\Job;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Houses;
use Tests\Support\Pictures;
use Underpin\Exchange\JobFile;
use Underpin\Stages\Stages;

it('opens every page of the demo shop', function () {
    $user = $this->demo();
    $this->actingAs($user)->get('/')->assertOk()->assertSee('Kestrel Gap goat dairy');
    $this->actingAs($user)->get('/catalogue')->assertOk()->assertSee('Tollgarth Badger 120');
    $this->actingAs($user)->get('/people')->assertOk()->assertSee('Tobiah Renn');
    foreach (Job::query()->get() as $job) {
        foreach (Stages::standard()->all() as $stage) {
            $this->get("/jobs/$job->id/{$stage->key()->value}")->assertOk()->assertSee($job->name);
        }
        $this->get("/jobs/$job->id/card")->assertOk();
        $this->get("/jobs/$job->id/schedule")->assertOk();
    }
    expect(Job::query()->count())->toBe(24);
});

it('has the dairy designed, priced, and its work begun', function () {
    $this->demo();
    expect(Job::query()->where('name', 'Kestrel Gap goat dairy')->firstOrFail()->reached)->toBe('install');
});

it('draws the board and the strip without any script', function () {
    $user = $this->person();
    $job = $this->job($user);
    $html = $this->actingAs($user)->get("/jobs/$job->id/loads?at=c5")->assertOk()->getContent();
    expect(substr_count($html, 'class="breaker'))->toBe(5)
        ->and($html)->toContain('No generator picked yet.')->toContain('aria-pressed="true"')
        ->not->toContain('<script>')->not->toContain('style="');
});

it('finds jobs by any word of name, customer or place', function () {
    $user = $this->demo();
    $this->actingAs($user)->get('/?q=harbour')->assertSee('Nothing found');
    $this->actingAs($user)->get('/?q=lantern+flat')->assertSee('Fennimore flat')->assertDontSee('Calloway duplex');
    $this->actingAs($user)->get('/?q=100%25')->assertOk()->assertSee('Nothing found');
});

it('removes a job and brings it back', function () {
    $user = $this->person();
    $job = $this->job($user);
    $this->actingAs($user)->delete("/jobs/$job->id")->assertRedirect('/');
    $this->get("/jobs/$job->id/survey")->assertNotFound();
    $this->post("/jobs/$job->id/restore")->assertRedirect("/jobs/$job->id");
    $this->get("/jobs/$job->id/survey")->assertOk();
});

it('goes out as a file and comes in as an equal job', function () {
    $user = $this->person();
    $job = $this->job($user, Houses::small(Houses::supply(), 'interlock'));
    $file = $this->actingAs($user)->get("/jobs/$job->id/job.json")->assertOk()->getContent();
    $this->post('/jobs/import', ['file' => UploadedFile::fake()->createWithContent('job.json', $file)])->assertSessionHasNoErrors();
    $again = Job::query()->latest('id')->firstOrFail();
    expect($again->id)->not->toBe($job->id)->and($this->get("/jobs/$again->id/job.json")->getContent())->toBe($file)
        ->and(JobFile::standard()->decode($file)->circuits())->toHaveCount(5);
});

it('names every fault of a broken file by its path and saves nothing', function () {
    $user = $this->person();
    $broken = json_encode(
        [
            'format' => 'underpin-job', 'version' => 1, 'name' => 'x',
            'panels' => [['id' => 'p', 'name' => 'P', 'spaces' => 20, 'circuits' => [['id' => 'a', 'space' => 1, 'amps' => -5]]]],
        ]
    );
    $response = $this->actingAs($user)->post(
        '/jobs/import', ['file' => UploadedFile::fake()->createWithContent('job.json', (string) $broken)],
    )->assertSessionHasErrors('file');
    expect($response->getSession()->get('errors')->get('file')[0])->toContain('panels.0.circuits.0.amps')
        ->and(Job::query()->count())->toBe(0);
    $this->post('/jobs/import', [])->assertSessionHasErrors('file');
});

it('asks the same number of questions however many loads and panels there are', function () {
    $user = $this->person();
    $count = function (Job $job, callable $do) {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $do($job);

        return count(DB::getQueryLog());
    };
    $small = $this->job($user);
    $large = $this->job($user);
    for ($i = 0; $i < 60; $i++) {
        $large->loads()->create(
            [
                'circuit_id' => $large->circuits()->where('key', 'c2')->firstOrFail()->id, 'key' => "k$i", 'position' => $i,
                'name' => "Load $i", 'kind' => 'other', 'run_w' => 5, 'pf' => 1,
            ]
        );
    }
    foreach (range(1, 5) as $i) {
        $large->panels()->create(
            [
                'key' => "q$i", 'position' => $i, 'name' => "Panel $i", 'kind' => 'sub', 'spaces' => 12, 'interlock_space' => 1,
                'fed_from' => 'main',
            ]
        );
    }
    $this->actingAs($user);
    $role = function (Job $job): void {
        // In the second that a job was made in, its time of change is not written again.
        $this->travel(1)->minutes();
        $this->patch("/jobs/$job->id/circuits/c8/role", ['role' => 'must'], ['X-Parts' => '1'])->assertOk();
    };
    $page = fn (Job $job) => $this->get("/jobs/$job->id/loads")->assertOk();
    $survey = fn (Job $job) => $this->get("/jobs/$job->id/survey")->assertOk();
    expect($count($large, $role))->toBe($count($small, $role))->toBeLessThan(22)
        ->and($count($large, $page))->toBe($count($small, $page))
        ->and($count($large, $survey))->toBe($count($small, $survey));
});

it('prints on the card why it is a draft, and what to do when the alarm sounds', function () {
    $this->actingAs($this->demo());
    $job = Job::query()->where('name', 'Harrow Lane, as found')->firstOrFail();
    $this->get("/jobs/$job->id/card")->assertSee('everybody out, call the emergency number (911), stay out')
        ->assertSee(route('jobs.stage', [$job->id, 'survey']).'">A cord with two male ends is in use.</a>', false);
    $this->get("/jobs/$job->id/run")->assertSee('/survey">A cord with two male ends is in use.</a>', false);
    $path = tempnam(sys_get_temp_dir(), 'card');
    file_put_contents($path, $this->get("/jobs/$job->id/card.pdf")->getContent());
    $printed = (string) preg_replace('/\s+/', ' ', (string) shell_exec('pdftotext -layout '.escapeshellarg($path).' -'));
    unlink($path);
    expect($printed)
        ->toContain('Draft: do not hand over yet')
        ->toContain('A cord with two male ends is in use')
        ->toContain('everybody out, call the emergency number')
        ->toContain('Well pump');
});

it('makes the card one sheet', function () {
    $user = $this->demo();
    foreach (['Kestrel Gap goat dairy', 'Salt Wharf row house', 'Lake Ansgar lodge'] as $name) {
        $job = Job::query()->where('name', $name)->firstOrFail();
        $pdf = $this->actingAs($user)
            ->get("/jobs/$job->id/card.pdf")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')
            ->getContent();
        expect($pdf)->toStartWith('%PDF')->toContain('/Type /Pages', '/Count 1');
    }
});

it('stands odd addresses and odd input', function (string $path, int $status = 200) {
    $user = $this->person();
    $job = $this->job($user);
    $this->actingAs($user)->get(str_replace('{job}', (string) $job->id, $path))->assertStatus($status);
})->with([
    ['/?q[]=a'], ['/?q=%00%ff'], ['/?page=-4'], ['/?page=abc'], ['/?q='.str_repeat('a+', 400)], ['/find?q[]=1&job[]=2'],
    ['/find?q=%25&job=abc'],
    ['/jobs/99999999999999999999999', 404], ['/jobs/0', 404], ['/jobs/1e3', 404],
    ['/jobs/{job}/nothing', 404],
    ['/jobs/{job}/loads?at[]=x'], ['/jobs/{job}/loads?at=%27%22%3E'], ['/jobs/{job}/survey?panel=none&space=5'],
    ['/jobs/{job}/survey?panel=main&space=-5'],
    ['/jobs/{job}/survey?space=abc'], ['/jobs/{job}/survey?panel[]=main&space[]=1'], ['/jobs/{job}/size?only=water'],
    ['/jobs/{job}/size?only[]=a'],
    ['/jobs/{job}/library?q[]=x&circuit=c5'], ['/jobs/{job}/library', 404],
]);

it('stands odd forms', function (string $method, string $path, array $input, int $expected = 302) {
    $user = $this->person();
    $job = $this->job($user);
    $this->actingAs($user)->call($method, str_replace('{job}', (string) $job->id, $path), $input)->assertStatus($expected);
    expect($job->events()->count())->toBe(0);
})->with([
    ['POST', '/jobs/{job}/undo', []], ['POST', '/jobs/{job}/undo', ['seq' => ['x'], 'label' => ['y']]],
    ['POST', '/jobs/{job}/redo', ['seq' => '99999999999999999999']],
    ['POST', '/jobs/99999999999999999999/restore', [], 404], ['PATCH', '/jobs/{job}/circuits/c5/role', ['role' => ['must']]],
    ['PATCH', '/jobs/{job}/circuits/nothing/role', ['role' => 'must'], 409],
    ['PATCH', '/jobs/{job}/circuits/c5/role', ['role' => 'must', 'was' => '{"role":']],
    ['PATCH', '/jobs/{job}/loads/nothing', ['name' => 'x']], ['DELETE', '/jobs/{job}/panels/nothing', [], 409],
    ['POST', '/jobs/{job}/schedule', ['pasted' => ['x']]], ['POST', '/jobs/{job}/schedule/take', ['text' => '%%%']],
    ['POST', '/jobs/{job}/schedule', ['file' => 'no file']], ['POST', '/jobs/import', ['file' => 'no file']],
    [
        'POST', '/jobs/{job}/circuits',
        [
            'panel' => 'nothing', 'space' => '7', 'poles' => '1', 'amps' => '20', 'name' => 'x', 'protection' => 'none', 'note' => '',
            'keep_on' => '', 'receptacle_a' => '', 'shares_neutral_with' => '', 'half' => '',
        ],
        409,
    ],
]);

it('keeps a removed job with its date, brings it back whole, and lets it go for good only when told twice', function () {
    $user = $this->person();
    $job = $this->job($user);
    $other = $this->job($this->person('eve@two.example'));
    $this->actingAs($user)->post("/jobs/$job->id/photos", [
        'of' => 'stage', 'of_key' => 'survey', 'photos' => [UploadedFile::fake()->createWithContent('a.jpg', Pictures::plain(50, 40))],
    ])->assertRedirect();
    $before = $this->get("/jobs/$job->id/job.json")->getContent();
    $this->get('/')->assertDontSee('Removed jobs');
    $this->delete("/jobs/$job->id")->assertRedirect('/');
    $other->delete();
    $this->get('/')->assertSee('Removed jobs (1)');
    $this->get('/removed')->assertSee($job->name)->assertSee(now()->format('Y-m-d'))->assertSee(now()->addDays(90)->format('Y-m-d'));
    $this->post("/jobs/$other->id/restore")->assertNotFound();
    $this->post("/jobs/$job->id/restore")->assertRedirect("/jobs/$job->id");
    expect($this->get("/jobs/$job->id/job.json")->getContent())->toBe($before)->and($job->photos()->count())->toBe(1);
    $this->delete("/jobs/$job->id");
    $this->delete('/removed')->assertSessionHasErrors('sure');
    expect(Job::onlyTrashed()->count())->toBe(2);
    $this->delete('/removed', ['sure' => '1'])->assertRedirect('/removed');
    expect(Job::withTrashed()->pluck('id')->all())->toBe([$other->id])
        ->and(DB::table('photos')->count())->toBe(0)->and(DB::table('job_events')->where('job_id', $job->id)->count())->toBe(0);
});

it('lets a removed job go by itself after ninety days and not before', function () {
    $user = $this->person();
    [$young, $old] = [$this->job($user), $this->job($user)];
    $young->delete();
    $old->delete();
    Job::withTrashed()->whereKey($young->id)->update(['deleted_at' => now()->subDays(89)]);
    Job::withTrashed()->whereKey($old->id)->update(['deleted_at' => now()->subDays(91)]);
    expect(Artisan::call('underpin:sweep'))->toBe(0);
    expect(Job::withTrashed()->pluck('id')->all())->toBe([$young->id]);
});

<?php

declare(strict_types=1);

use App\Intervals\ReadUtilityData;
use App\Models\Run;
use App\Runs\RunProgress;
use App\Runs\Runs;
use App\Runs\RunState;
use App\Runs\RunStopped;
use App\Runs\RunWork;
use App\Runs\Task;
use App\Runs\Tasks;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

beforeEach(function () {
    Storage::fake('local');
    config(['queue.default' => 'database']);
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    Storage::disk('local')->put('uploads/a.csv', "Start,kWh\r\n2026-01-05 10:00,0.5\r\n2026-01-05 10:15,1\r\n");
    $this->begin = fn (string $path = 'uploads/a.csv'): Run => Runs::begin(
        $this->job, $this->user, new ReadUtilityData, 'Utility data from a.csv', ['path' => $path, 'file' => 'a.csv', 'zone' => 'eastern'],
    );
});

it('waits in the queue, is done by the worker, and is then shown no more', function () {
    $run = ($this->begin)();
    expect($run->state)->toBe(RunState::Waiting)->and(DB::table('queued_work')->count())->toBe(1);
    $this->get("/jobs/{$this->job->id}/intervals")->assertSee('Waiting for its turn')->assertSee("/runs/$run->id", false);

    Artisan::call('queue:work', ['--once' => true]);

    $this->getJson("/jobs/{$this->job->id}/runs/$run->id")->assertJson(
        ['state' => 'done', 'said' => '2 readings brought in', 'to' => route('jobs.intervals', $this->job->id)]
    );
    $this->get("/jobs/{$this->job->id}/intervals")
        ->assertSee('2 readings brought in')
        ->assertDontSee('Waiting for its turn')
        ->assertSee('4,000');
    Storage::disk('local')->assertMissing('uploads/a.csv');
});

it('goes on when a worker was killed in the middle, and is done once', function () {
    $run = ($this->begin)();
    // A worker has taken it, and was killed: nobody has heard of it for a while.
    expect(Runs::claim($run->id))->not->toBeNull()->and(Runs::claim($run->id))->toBeNull();
    $this->travel(Runs::SILENT_S + 1)->seconds();
    (new RunWork($run->id))->handle(app(Tasks::class));
    (new RunWork($run->id))->handle(app(Tasks::class));
    expect($run->refresh()->state)->toBe(RunState::Done)->and($this->job->events()->count())->toBe(1);
});

it('stops where it is, keeps nothing, and can be begun anew', function () {
    $run = ($this->begin)();
    Runs::claim($run->id);
    $this->post("/jobs/{$this->job->id}/runs/$run->id/stop")->assertRedirect();
    expect(fn () => (new RunProgress($run))->tell('Reading', 0.5))->toThrow(RunStopped::class);

    $this->travel(Runs::SILENT_S + 1)->seconds();
    Run::query()->whereKey($run->id)->update(['state' => RunState::Stopped]);
    expect($this->job->events()->count())->toBe(0);
    $this->post("/jobs/{$this->job->id}/runs/$run->id/again")->assertRedirect();
    expect($run->refresh()->only('state', 'stop_asked'))->toBe(['state' => RunState::Waiting, 'stop_asked' => false]);
    (new RunWork($run->id))->handle(app(Tasks::class));
    expect($run->refresh()->state)->toBe(RunState::Done);
});

it('is over at once when it is stopped before its turn', function () {
    $run = ($this->begin)();
    Runs::stop($run);
    (new RunWork($run->id))->handle(app(Tasks::class));
    expect($run->refresh()->state)->toBe(RunState::Stopped)->and($this->job->events()->count())->toBe(0);
});

it('says what is wrong with what it was given, and keeps the file for another try', function () {
    Storage::disk('local')->put('uploads/b.csv', "Start,kWh\r\n2026-01-05 10:00,many\r\n");
    $run = ($this->begin)('uploads/b.csv');
    (new RunWork($run->id))->handle(app(Tasks::class));
    expect($run->refresh()->state)->toBe(RunState::Failed)
        ->and($run->said)->toContain('Line 2')
        ->and($this->job->events()->count())->toBe(0);
    Storage::disk('local')->assertExists('uploads/b.csv');
    $this->get("/jobs/{$this->job->id}/intervals")->assertSee('Line 2')->assertSee('Try again');
});

it('shows no run to another shop', function () {
    $run = ($this->begin)();
    $this->actingAs($this->person('eve@two.example'))->getJson("/jobs/{$this->job->id}/runs/$run->id")->assertNotFound();
});

it('takes another kind of work with its class alone, and says when what it rests on has changed', function () {
    $task = new class implements Task
    {
        public int $times = 0;

        public function key(): string
        {
            return 'count_circuits';
        }

        public function reads(): array
        {
            return ['panels'];
        }

        public function run(Run $run, RunProgress $progress): string
        {
            $this->times++;

            return $run->job?->circuits()->count().' circuits';
        }

        public function page(Run $run): string
        {
            return route('jobs.show', $run->job_id);
        }

        public function tidy(Run $run): void
        {
        }
    };
    $this->app->instance(Tasks::class, Tasks::standard()->with($task));
    $state = fn (Run $run): array => $this->getJson("/jobs/{$this->job->id}/runs/$run->id")->assertOk()->json();
    $run = Runs::begin($this->job, $this->user, $task, 'Counting', []);
    Artisan::call('queue:work', ['--once' => true]);
    expect($state($run))->toMatchArray(['state' => 'done', 'stale' => false])->and(Runs::unfinished($this->job, $task))->toBeNull();

    // What it does not rest on may change; what it does makes it stale.
    $this->put("/jobs/{$this->job->id}/margin", ['margin_pct' => '12'])->assertSessionHasNoErrors();
    expect($state($run)['stale'])->toBeFalse();
    $this->patch("/jobs/{$this->job->id}/circuits/c4/role", ['role' => 'off'])->assertSessionHasNoErrors();
    expect($state($run)['stale'])->toBeTrue()->and(Runs::unfinished($this->job, $task)?->id)->toBe($run->id);

    $this->post("/jobs/{$this->job->id}/runs/$run->id/again")->assertRedirect();
    Artisan::call('queue:work', ['--once' => true]);
    expect($state($run))->toMatchArray(['state' => 'done', 'stale' => false])->and($task->times)->toBe(2);
    // What holds is not done again.
    $this->post("/jobs/{$this->job->id}/runs/$run->id/again")->assertRedirect();
    expect($run->refresh()->state)->toBe(RunState::Done);
});

it('leaves a file of readings to the worker, and shows the recording that comes of it', function () {
    $job = $this->job;
    $csv = UploadedFile::fake()->createWithContent('barn.csv', "Time (s),Leg A (A),Leg B (A)\n0,1.5,2\n1,1.25,2.5\n");
    $this->post("/jobs/$job->id/recordings/import", ['file' => $csv])->assertRedirect("/jobs/$job->id/recordings");
    expect($job->recordings()->count())->toBe(0);
    $run = Run::query()->sole();
    $this->get("/jobs/$job->id/recordings")->assertSee('Readings from barn')->assertSee("runs/$run->id");
    (new RunWork($run->id))->handle(app(Tasks::class));
    $recording = $job->recordings()->sole();
    $this->getJson("/jobs/$job->id/runs/$run->id")
        ->assertJson(['over' => true, 'to' => route('jobs.recordings.show', [$job->id, $recording->key])]);
    expect(Storage::disk('local')->files('uploads'))->toBe(['uploads/a.csv'])->and($recording->name)->toBe('barn');
});

it('stops a file of readings before anything of it is kept', function () {
    $csv = UploadedFile::fake()->createWithContent('barn.csv', "Time (s),Leg A (A),Leg B (A)\n0,1.5,2\n1,1.25,2.5\n");
    $this->post("/jobs/{$this->job->id}/recordings/import", ['file' => $csv]);
    $run = Run::query()->sole();
    $run->update(['stop_asked' => true]);
    (new RunWork($run->id))->handle(app(Tasks::class));
    expect($run->refresh()->state)->toBe(RunState::Stopped)
        ->and($this->job->recordings()->count())->toBe(0)
        ->and($this->job->events()->count())->toBe(0);
});

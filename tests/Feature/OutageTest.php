<?php

declare(strict_types=1);

use App\JobFile\JobEditor;
use App\Models\Run;
use App\Outages\ManyOutages;
use App\Runs\RunProgress;
use App\Runs\Runs;
use App\Runs\RunState;
use App\Runs\RunWork;
use App\Runs\Tasks;
use Tests\Support\Changed;
use Tests\Support\Houses;
use Underpin\Job\Fuel;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Machine\Housing;
use Underpin\Job\Outlet;
use Underpin\Job\Rating;
use Underpin\Job\Site;
use Underpin\Sizing\Supply;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $machine = Changed::of(
        Houses::machine(5000, 6000, 240, Outlet::Locking30, 30), ratings: [new Rating(Fuel::Gasoline, 5000, 6000, 0.3, null, 0.8)],
        housing: new Housing(tankGal: 6), priceUsd: 900,
    );
    $job = Houses::small(new Supply($machine, Fuel::Gasoline), 'interlock');
    $this->job = $this->job($this->user, Changed::of($job, site: new Site(0, 0, 20)));
    $this->at = "/jobs/{$this->job->id}/outage";
    $this->many = new ManyOutages(60);
    $this->handle = fn (Run $run) => (new RunWork($run->id))->handle(new Tasks([$this->many]));
    $this->input = ['season' => 'winter', 'hours' => '24', 'home' => 'always', 'fetches' => 'no', 'machine' => ''];
});

it('acts an outage out: what is said of it, its figures, its story and every circuit', function () {
    $this->get($this->at)->assertOk()
        ->assertSee('Machine m on gasoline:')
        ->assertSee('The utility is gone.')
        ->assertSee('The machine carries. 3 circuits are brought on one by one')
        ->assertSee('5–7 Well pump')
        ->assertSee('not a forecast');
    $this->get("/jobs/{$this->job->id}/size")->assertSee('Live through an outage')->assertSee('The engine on gasoline');
});

it('puts another trial beside it on the same outage', function () {
    $this->get("$this->at?beside=soft+c5")->assertOk()->assertSee('Beside it, with a soft starter on 5–7 Well pump:');
    $span = $this->getJson("$this->at/span?beside=soft+c5&from=0&to=1000000")->assertOk()->json();
    expect($span['trials'])->toHaveCount(2)
        ->and($span['whole'])->toBe(72 * 3600)
        ->and(max($span['trials'][1]['a']))->toBeLessThan(max($span['trials'][0]['a']))
        ->and($span['trials'][0]['bars'])->toHaveCount(3);
    $this->get("$this->at?beside=nonsense")->assertOk()->assertDontSee('Beside it,');
});

it('tells every breaker at a moment', function () {
    $this->getJson("$this->at/moment?at=60")->assertJson(['at' => 'day 1, 18:01', 'a' => 0, 'states' => ['c5' => 0, 'c2' => 0, 'c4' => 0]]);
    $later = $this->getJson("$this->at/moment?at=3000")->json();
    expect(array_filter($later['states']))->toHaveCount(3)->and($this->getJson("$this->at/moment?at=3000")->json())->toBe($later);
});

it('says by field what it does not take, and shows the page as usual', function (string $query, string $field, string $words) {
    $this->get("$this->at?$query")->assertRedirect($this->at)->assertSessionHasErrors($field);
    $this->followingRedirects()->get("$this->at?$query")->assertOk()->assertSee($words);
})->with([
    'hours' => ['hours=0', 'hours', 'Lasts'], 'more than thirty days' => ['hours=721', 'hours', 'Lasts'],
    'a word for hours' => ['hours=long', 'hours', 'Lasts'], 'hour of the day' => ['start_hour=24', 'start_hour', 'Begins at hour'],
    'season' => ['season=spring', 'season', 'Season'], 'machine' => ['machine=gone', 'machine', 'not in the catalogue any more'],
    'no text' => ['machine=%FF', 'machine', 'no text'],
]);

it('refuses seconds that are none', function () {
    $this->getJson("$this->at/span?from=x&to=3")->assertUnprocessable();
    $this->getJson("$this->at/moment?at=INF")->assertUnprocessable();
    $this->getJson("$this->at/span?from=-5&to=-9")->assertOk()->assertJson(['from' => 0]);
});

it('asks for a machine and for marks where there is nothing to act out', function () {
    $bare = $this->job($this->user, new JobFile('Bare'));
    $this->get("/jobs/$bare->id/outage")->assertOk()->assertSee('Nothing to act out yet');
});

it('is closed to another shop', function () {
    $this->actingAs($this->person('eve@two.example'));
    $this->get($this->at)->assertNotFound();
    $this->getJson("$this->at/span?from=0&to=9")->assertNotFound();
    $this->post("$this->at/many", $this->input)->assertNotFound();
});

it('acts out many by the worker, goes on where it was stopped, and comes to the same', function () {
    config(['queue.default' => 'database']);
    $this->post("$this->at/many", $this->input)->assertRedirect();
    // A second thousand does not wait behind the first.
    $this->post("$this->at/many", $this->input)->assertRedirect();
    $run = Run::query()->sole();
    $this->get("$this->at?hours=24")->assertSee('Waiting for its turn')->assertSee('Stop it');

    // Cut short after 25, as by somebody or by the end of its worker.
    (new ManyOutages(25))->run(Runs::claim($run->id), new RunProgress($run));
    expect($run->refresh()->kept['tally']['done'])->toBe(25);
    $run->update(['state' => RunState::Stopped, 'said' => Runs::stopped($run)]);
    $this->get("$this->at?hours=24")->assertSee('It goes on where it was')->assertSee('Go on');
    $this->post("/jobs/{$this->job->id}/runs/$run->id/again");
    ($this->handle)($run);

    $whole = Runs::begin($this->job, $this->user, $this->many, 'Once more', $this->input);
    ($this->handle)($whole);
    expect($run->refresh()->state)->toBe(RunState::Done)
        ->and($run->kept['tally']['done'])->toBe(60)
        ->and($run->kept)->toBe($whole->refresh()->kept);
    $this->get("$this->at?hours=24")->assertSee('60 outages like it');
});

it('is stale when the design changes, and the fuel stage takes its load from it only until then', function () {
    config(['queue.default' => 'database']);
    $fuel = "/jobs/{$this->job->id}/place-and-fuel";
    $this->get($fuel)->assertSee('act out a thousand outages');
    $run = Runs::begin($this->job, $this->user, $this->many, 'Many', $this->input);
    ($this->handle)($run);
    $this->get($fuel)->assertSee('on average while it runs, from 60 winter outages of 24 h acted out');
    JobEditor::change($this->job->refresh(), $this->user, 'A note', fn (JobFile $job): JobFile => $job->with(
        Changed::of($job->customer, notes: 'nothing to do with it'),
    ));
    $this->get($fuel)->assertSee('acted out.');
    JobEditor::change($this->job->refresh(), $this->user, 'Colder', fn (JobFile $job): JobFile => $job->with(
        Changed::of($job->site, coldestF: -20.0),
    ));
    $this->get($fuel)->assertDontSee('on average while it runs');
    $this->get("$this->at?hours=24")->assertSee('The job has changed since')->assertSee('as the job was then');
});

it('puts machines side by side that are ticked, with three sentences on which to take', function () {
    $page = $this->get("/jobs/{$this->job->id}/size?beside_stonecrop-14-natural-gas=1&beside_badger-95-gasoline=1")->assertOk();
    $page->assertSee('Side by side')->assertSee('Deepest dip at a start')->assertSee('Fuel for three days')->assertSee('Next comes');
    $this->get("/jobs/{$this->job->id}/size?beside_badger-95-gasoline=1")->assertDontSee('Side by side</h2>', false);
});

it('keeps what may come with the job, asks whether it still holds, and takes it out again', function () {
    $at = "/jobs/{$this->job->id}/growth";
    $this->post($at, ['name' => 'Car charger', 'kind' => 'charger', 'volts' => '240', 'run_w' => '7200', 'start_w' => '']);
    $page = $this->get("/jobs/{$this->job->id}/size")->assertSee('Car charger')->assertSee('gives first');
    $load = JobEditor::open($this->job->refresh())->job->growth->loads[0];
    $this->post($at, ['name' => 'Odd', 'kind' => 'other', 'volts' => '120', 'run_w' => '500', 'start_w' => '400'])
        ->assertSessionHasErrors('start_w');
    $this->post($at, ['name' => '', 'kind' => 'other', 'volts' => '120', 'run_w' => '500', 'start_w' => ''])
        ->assertSessionHasErrors('name');
    $this->delete($at, ['id' => $load->id]);
    $this->delete($at, ['id' => $load->id]);
    expect(JobEditor::open($this->job->refresh())->job->growth->loads)->toBe([]);
    $page->assertOk();
});

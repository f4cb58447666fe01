<?php

declare(strict_types=1);

use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\Keep\Mails;
use App\Models\Job;
use App\Models\RehearsalLink;
use App\Models\Reminder;
use App\Notifications\SendReminder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Tests\Support\Changed;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Quote\Answer;
use Underpin\Job\Quote\AnswerKind;

beforeEach(function () {
    $this->nell = $this->demo();
    $this->actingAs($this->nell);
    $this->row = fn (string $name): Job => Job::query()->where('name', $name)->firstOrFail();
    $this->lodge = ($this->row)('Lake Ansgar lodge');
    $this->base = "/jobs/{$this->lodge->id}";
});

it('shows what is due, writes the log, and refuses a day to come and what is no figure', function () {
    $this->get("$this->base/keep")->assertOk()->assertSee('Pole B is 5.9')->assertSee('would fall in')->assertSee('Automatic switch of '
        .'West panel');
    $entry = fn (array $with) => $this->put("$this->base/log/entry", [
        'on' => now()->toDateString(), 'kind' => 'loaded_test', 'hours' => '4.5', 'volts' => '', 'gal' => '', 'load_pct' => '60',
        'note' => '', ...$with,
    ]);
    $entry([])->assertSessionHasNoErrors();
    $entries = JobRows::read($this->lodge->refresh())->log->entries;
    $last = end($entries);
    expect($last->hours)->toBe(4.5)->and($last->by)->toBe('Nell Varga');
    $entry(['on' => now()->addDay()->toDateString()])->assertSessionHasErrors('on');
    $entry(['hours' => 'many', 'kind' => 'jump'])->assertSessionHasErrors(['hours', 'kind']);
    $this->delete("$this->base/log/entry", ['id' => $last->id])->assertSessionHasNoErrors();
    expect(JobRows::read($this->lodge->refresh())->log->entries)->toHaveCount(count($entries) - 1);
});

it('notes a service of a switch and takes it out', function () {
    $this->put("$this->base/log/service", [
        'on' => now()->toDateString(), 'switch' => 'Automatic switch of West panel', 'amps' => '90', 'a_mv' => '6', 'b_mv' => '20',
        'a_c' => '30', 'b_c' => '50',
        'ambient_c' => '18', 'note' => '',
    ])->assertSessionHasNoErrors();
    $this->get("$this->base/keep")->assertSee('goes off now');
    $services = JobRows::read($this->lodge->refresh())->log->services;
    $this->delete("$this->base/log/service", ['id' => end($services)->id])->assertSessionHasNoErrors();
    $this->get("$this->base/keep")->assertDontSee('goes off now');
    $this->put("$this->base/log/service", ['on' => '', 'switch' => '', 'amps' => '0', 'a_mv' => '', 'b_mv' => '', 'a_c' => '',
        'b_c' => '', 'ambient_c' => '', 'note' => ''])
        ->assertSessionHasErrors(['on', 'switch', 'amps']);
});

it('takes the log out and in as a sheet', function () {
    $csv = (string) $this->get("$this->base/log.csv")->assertOk()->getContent();
    expect($csv)->toContain('exercise_missed');
    $in = fn (string $text) => $this->post("$this->base/log/import", ['file' => UploadedFile::fake()->createWithContent('log.csv', $text)]);
    $in($csv)->assertSessionHas('status', '0 lines added.');
    $in("on,kind,hours\n2026-01-02,start,3\nnever,start,4\n")->assertSessionHas('status', '1 line added. Not taken: 1 row.');
    $in("a,b\n1,2\n")->assertSessionHasErrors('file');
    $this->post("$this->base/log/import")->assertSessionHasErrors('file');
});

it('mails what is due to the customer, queued, once, until the link in it is used', function () {
    Queue::fake();
    $aldous = ($this->row)('Aldous cottage');
    expect($this->artisan('underpin:remind'))->toBe(0);
    $sent = Queue::pushed(SendReminder::class)->count();
    expect($sent)->toBeGreaterThan(0);
    expect($this->artisan('underpin:remind'))->toBe(0);
    expect(Queue::pushed(SendReminder::class)->count())->toBe($sent);
    Mails::about($aldous->refresh(), JobRows::read($aldous), 'test', '2026-11-27', 'A test', 'because');
    $key = (string) $aldous->refresh()->mail_key;
    auth()->logout();
    $this->get("/mails/$key")->assertOk()->assertSee('Send me no more')->assertDontSee('Aldous');
    expect($aldous->refresh()->mails_stopped)->toBeFalse();
    $this->post("/mails/$key")->assertRedirect("/mails/$key");
    expect($aldous->refresh()->mails_stopped)->toBeTrue()
        ->and(Mails::about($aldous, JobRows::read($aldous), 'later', '2026-12-01', 'Later', ''))->toBeFalse();
    $this->get('/mails/'.str_repeat('a', 40))->assertNotFound();
    expect(Reminder::query()->where('job_id', $aldous->id)->where('key', 'test')->count())->toBe(1);
});

it('lets a controller that stands in write the log and the mail', function () {
    Queue::fake();
    $house = ($this->row)('Aldous cottage');
    $this->post("/jobs/$house->id/log/report", ['kind' => 'fault'])->assertSessionHasNoErrors();
    $entries = JobRows::read($house->refresh())->log->entries;
    expect(end($entries)->by)->toBe('controller')->and(end($entries)->note)->toContain('low oil');
    Queue::assertPushed(SendReminder::class);
    $this->post("/jobs/$house->id/log/report", ['kind' => 'oil'])->assertSessionHasErrors('kind');
});

it('is the day of the shop: what is agreed, overdue, due and waited for, and by place', function () {
    $this->get('/')->assertOk()->assertSee('Overdue')->assertSee('Waits for Tolliver Gas and Pipe');
    $this->get('/?show=today')->assertSee('Pellow fish shed')->assertDontSee('Kestrel Gap');
    $this->get('/?show=overdue')->assertSee('Aldous cottage')->assertDontSee('Pellow fish shed');
    $this->get('/?show=week')->assertSee('Kittering cabin');
    $this->get('/?show=month')->assertSee('Rushmere well');
    $this->get('/?show=waiting')->assertSee('Lake Ansgar lodge')->assertDontSee('Kittering')
        ->assertSeeInOrder(['Oxley garage', 'Waits for the customer, since', 'good until'])->assertDontSee('Rushmere well');
    $this->get('/?show=overdue&q=zzz')->assertSee('Nothing here');
    $this->get('/?by_place=1')->assertOk();
    $this->get('/?show=nonsense')->assertOk()->assertSee('Kestrel Gap');
});

it('waits for no customer over a quote whose revision was declined', function () {
    $row = ($this->row)('Oxley garage');
    expect($row->waits_for)->toContain('the customer');
    JobEditor::change($row, $this->nell, 'Declined', function (JobFile $file): JobFile {
        $first = $file->quotes->last();
        $second = Changed::of($first, revision: 2, answer: new Answer(AnswerKind::Declined, 'Piers Oxley', now()->toDateString()));

        return $file->with($file->quotes->with($second));
    });
    expect($row->refresh()->waits_for)->toBeNull();
});

it('rehearses by link without an account: this house, kept with name and date, until it is ended', function () {
    $dairy = ($this->row)('Kestrel Gap goat dairy');
    $this->put("/jobs/$dairy->id/rehearsal/link")->assertRedirect();
    $address = (string) parse_url((string) RehearsalLink::standing($dairy)?->address(), PHP_URL_PATH);
    $this->get("/jobs/$dairy->id/run")->assertSee($address);
    $this->get("/jobs/$dairy->id/card")->assertSee($address);
    auth()->logout();
    $page = (string) $this->get($address)->assertOk()->assertSee('Generator breaker')->getContent();
    foreach (['Dunne', 'Kestrel', '555-', 'goat'] as $private) {
        expect($page)->not->toContain($private);
    }
    $this->postJson($address, ['handles' => "2 main\n2 generator"])->assertOk()->assertSee('covers it: slide it over first');
    $this->postJson($address, ['handles' => '2 jump'])->assertStatus(422);
    $this->postJson("$address/finish", ['handles' => '2 main', 'who' => 'Emeric'])->assertStatus(422);
    $file = JobRows::read($dairy);
    $rehearsal = new Underpin\Rehearsal\Rehearsal(Underpin\Rehearsal\House::of(new Underpin\Design\Design($file)));
    $all = array_map(fn ($c) => "1 circuit $c->id", array_values($rehearsal->house->circuits));
    $order = array_map(fn ($id) => "1 circuit $id", $rehearsal->house->order());
    $handles = implode("\n", ['1 main', ...$all, '1 plate', '1 spot outdoors', '1 valve', '1 idle', '1 choke', '1 engine', '1 choke',
        '1 wait 5', '1 cord-inlet',
        '1 cord-machine', '1 generator', ...$order, '1 utility-back', ...$order, '1 generator', '1 plate', '1 main', ...$order,
        '1 wait 5', '1 engine', '1 cord-machine',
        '1 cord-inlet', '1 valve']);
    foreach (range(1, 12) as $more) {
        $this->postJson($address, ['handles' => '2 main'])->assertOk();
    }
    $began = microtime(true);
    $this->postJson($address, ['handles' => $handles])->assertOk()->assertSee('Keep it');
    expect(microtime(true) - $began)->toBeLessThan(0.5);
    $this->postJson("$address/finish", ['handles' => $handles, 'who' => ''])->assertStatus(422);
    $this->postJson("$address/finish", ['handles' => $handles, 'who' => 'Emeric'])->assertOk()->assertSee('Kept');
    $runs = JobRows::read($dairy->refresh())->work->dryRuns;
    expect(end($runs)->who)->toBe('Emeric')->and(end($runs)->onScreen)->toBeTrue()->and(end($runs)->mistakes)->toBe(0);
    $this->actingAs($this->nell)->delete("/jobs/$dairy->id/rehearsal/link");
    auth()->logout();
    $this->get($address)->assertNotFound();
    foreach (range(1, 8) as $again) {
        $this->postJson("$address/finish", ['who' => 'Emeric']);
    }
    expect($this->postJson("$address/finish", ['who' => 'Emeric'])->assertStatus(429)->json('message'))->toStartWith('Too much at once');
    $this->travel(14)->months();
    $this->actingAs($this->nell->refresh());
    expect(RehearsalLink::standing($dairy))->toBeNull();
});

it('ends a link of its own when its time is over, and prints the drill sheet', function () {
    $dairy = ($this->row)('Kestrel Gap goat dairy');
    $address = (string) parse_url(RehearsalLink::renew($dairy, $this->nell), PHP_URL_PATH);
    $this->get($address)->assertOk();
    $this->get("/jobs/$dairy->id/papers/drill-sheet.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    $this->travel(14)->months();
    $this->get($address)->assertNotFound();
});

<?php

declare(strict_types=1);

use App\Access\PersonRole;
use App\JobFile\JobRows;
use App\Models\Job;
use Illuminate\Http\UploadedFile;
use Tests\Support\Pictures;
use Underpin\Checklist\ChecklistStep;
use Underpin\Design\Design;
use Underpin\Install\InstallList;
use Underpin\Prove\ProveList;

beforeEach(function () {
    $this->nell = $this->demo();
    $this->actingAs($this->nell);
    $this->row = Job::query()->where('name', 'Kestrel Gap goat dairy')->firstOrFail();
    $this->base = "/jobs/{$this->row->id}";
    App\JobFile\JobEditor::change($this->row, $this->nell, 'Nothing done yet', fn ($file) => $file->with(new Underpin\Job\Work\Work));
    $this->file = fn () => JobRows::read($this->row->refresh());
    $this->steps = fn (): array => [...InstallList::of(new Design(($this->file)())), ...ProveList::of(new Design(($this->file)()))];
    $this->step = fn (string $key): ChecklistStep => array_values(array_filter(($this->steps)(), fn ($s) => $s->key === $key))[0];
    $this->note = fn (string $key, array $with = [], array $heads = []) => $this->put("$this->base/work/step", [
        'id' => $key, 'by' => 'NV', 'at' => '2026-11-27 09:30', 'said' => ($this->step)($key)->text, 'value' => '', 'label' => '',
        'tool' => '',
        'note' => '', 'was' => '{"by":null,"value":null,"label":null,"tool":null,"note":null}', ...$with,
    ], $heads);
    $this->upTo = function (string $key): void {
        foreach (($this->steps)() as $step) {
            if ($step->key === $key) {
                return;
            }
            $range = $step->reading?->range;
            ($this->note)($step->key, [
                'value' => $step->reading === null ? '' : (string) ($range === null ? 36 : ($range->low ?? $range->high)),
                'label' => $step->reading?->asksLabel() === true ? '36' : '',
            ])->assertSessionHasNoErrors();
        }
    };
});

it('shows the steps in their order, notes one with initials and time, and takes it back', function () {
    $this->get("$this->base/install")->assertOk()->assertSeeInOrder(['Before anything is opened', 'Open and lock', 'Prove dead',
        'Second pass']);
    ($this->note)('permit', ['note' => 'permit 4471'])->assertSessionHasNoErrors();
    $done = ($this->file)()->work->step('permit');
    expect($done->by)->toBe('NV')->and($done->at)->toBe('2026-11-27 09:30')->and($done->note)->toBe('permit 4471');
    $this->get("$this->base/install")->assertSee('NV, 2026-11-27 09:30')->assertSee('permit 4471');
    $this->delete("$this->base/work/step", ['id' => 'permit'])->assertSessionHasNoErrors();
    expect(($this->file)()->work->step('permit'))->toBeNull();
});

it('refuses a step whose turn has not come, and says for what it waits', function () {
    ($this->note)('bore')->assertSessionHasErrors(['step' => 'This step waits for another one: "Open and lock: '
        .''.($this->step)('lock:machine')->text
        .'"; it is not done.']);
    ($this->note)("dead:panel:{$this->row->panels()->value('key')}.a-b", ['value' => '1'])->assertSessionHasErrors('step');
    expect(($this->file)()->work->steps)->toBe([]);
});

it('keeps a reading out of range, stops there, and names what is missing or no figure', function () {
    $panel = ($this->file)()->panel()->id;
    ($this->upTo)("dead:panel:$panel.a-n");
    ($this->note)("dead:panel:$panel.a-n")->assertSessionHasErrors('value');
    ($this->note)("dead:panel:$panel.a-n", ['value' => 'much'])->assertSessionHasErrors('value');
    ($this->note)("dead:panel:$panel.a-n", ['value' => '118', 'tool' => 'meter 7'])->assertSessionHasNoErrors();
    $this->get("$this->base/install")->assertSee('A reading is out of range: what follows waits.')->assertSee('Something still feeds it.');
    ($this->note)("dead:panel:$panel.b-n", ['value' => '0'])->assertSessionHasErrors('step');
    ($this->note)("dead:panel:$panel.a-n", ['value' => '0.4', 'was' => json_encode(['by' => 'NV', 'value' => 118, 'label' => null,
        'tool' => 'meter 7', 'note' => ''])])
        ->assertSessionHasNoErrors();
    ($this->note)("dead:panel:$panel.b-n", ['value' => '0'])->assertSessionHasNoErrors();
    ($this->note)('permit', ['at' => 'yesterday'])->assertSessionHasErrors('at');
    ($this->note)('permit', ['by' => ''])->assertSessionHasErrors('by');
});

it('does not write over what somebody else noted meanwhile', function () {
    ($this->note)('permit', ['note' => 'mine']);
    ($this->note)('permit', ['note' => 'yours', 'by' => 'TR'], ['X-Parts' => '1',
        'Accept' => 'application/json, text/html'])->assertStatus(409)
        ->assertSee('mine');
    expect(($this->file)()->work->step('permit')->note)->toBe('mine');
});

it('makes what a device sends twice once, also weeks later, and a photo of it', function () {
    $name = str_repeat('5a', 16);
    $heads = ['X-Once' => $name, 'X-Parts' => '1', 'Accept' => 'application/json, text/html'];
    ($this->note)('permit', [], $heads)->assertOk();
    Illuminate\Support\Facades\Cache::flush();
    ($this->note)('permit', ['note' => 'again'], $heads)->assertStatus(208);
    expect(($this->file)()->work->step('permit')->note)->toBe('');
    $photo = fn () => $this->post("$this->base/photos", [
        'of' => 'step', 'of_key' => 'permit', 'photos' => [UploadedFile::fake()->createWithContent('p.jpg', Pictures::plain(60, 40))],
    ], ['X-Once' => str_repeat('5b', 16)] + $heads);
    $photo()->assertOk();
    Illuminate\Support\Facades\Cache::flush();
    $photo()->assertStatus(208);
    expect($this->row->photos()->where('of', 'step')->where('of_key', 'permit')->count())->toBe(1);
    $this->post("$this->base/photos", ['of' => 'step', 'of_key' => 'no-such-step', 'photos' => [
        UploadedFile::fake()->createWithContent('p.jpg', Pictures::plain(60, 40)),
    ]])->assertStatus(409);
    expect($this->row->photos()->where('of_key', 'no-such-step')->exists())->toBeFalse();
});

it('asks again what the design has changed since, and refuses a step that the job does not have any more', function () {
    ($this->upTo)('pull:run');
    ($this->note)('pull:run')->assertSessionHasNoErrors();
    App\JobFile\JobEditor::change($this->row, $this->nell, 'Run', fn ($file) => $file->with(
        new Underpin\Job\WireRun(30.0, 71.0, 50, laying: $file->wire->laying, lengths: $file->wire->lengths),
    ));
    $this->get("$this->base/install")->assertSee('Asked again:')->assertSee('the design has changed since');
    $this->put("$this->base/work/step", [
        'id' => 'no-such-step', 'by' => 'NV', 'at' => '2026-11-27 09:30', 'said' => '', 'value' => '', 'label' => '', 'tool' => '',
        'note' => '',
    ], ['X-Parts' => '1', 'Accept' => 'application/json, text/html'])->assertStatus(409);
});

it('counts hours against the quote, notes dry runs, sets ranges, and refuses what makes none', function () {
    $this->put("$this->base/work/hours", ['task' => 'inlet-50', 'on' => '2026-11-27', 'who' => 'Nell',
        'hours' => '2.5'])->assertSessionHasNoErrors();
    $this->get("$this->base/install")->assertSee('Inlet box mounted, over 30 A')->assertSee('2.5 h');
    $this->put("$this->base/work/hours", ['task' => 'sleep', 'on' => '', 'who' => '', 'hours' => '25'])
        ->assertSessionHasErrors(['task', 'who', 'hours']);
    $id = ($this->file)()->work->hours[0]->id;
    $this->delete("$this->base/work/hours", ['id' => $id])->assertSessionHasNoErrors();
    expect(($this->file)()->work->hours)->toBe([]);
    $this->put("$this->base/work/dry-run", ['on' => '2026-11-27', 'who' => 'Orla', 'minutes' => '14', 'mistakes' => '2', 'note' => 'choke'])
        ->assertSessionHasNoErrors();
    $this->get("$this->base/prove")->assertSee('Orla')->assertSee('choke');
    $this->put("$this->base/work/range", ['id' => 'hertz-governed', 'low' => '58', 'high' => '62', 'of_shop' => '0', 'was' => '{}'])
        ->assertSessionHasNoErrors();
    $this->get("$this->base/prove")->assertSee('58 to 62 Hz (the label)');
    $this->put("$this->base/work/range", ['id' => 'hertz-governed', 'low' => '62', 'high' => '58', 'of_shop' => '0',
        'was' => '{"low":58,"high":62}'])
        ->assertSessionHasErrors('high');
    $this->put("$this->base/work/range", ['id' => 'hertz-governed', 'low' => '', 'high' => '', 'of_shop' => '0',
        'was' => '{"low":58,"high":62}'])
        ->assertSessionHasNoErrors();
    expect(($this->file)()->work->ranges)->toBe([]);
});

it('reads an instrument that stands in, with what was made wrong, and nothing of what it does not have', function () {
    $read = fn (string $step, string $faults = '') => $this->getJson("$this->base/work/reading?step=$step&faults=$faults");
    $read('no-load.leg-a')->assertOk()->assertJson(['value' => 122.0, 'tool' => 'stand-in, multimeter']);
    expect($read('lamp.leg-a', 'floating-neutral')->json('value'))->toBeLessThan(5);
    expect($read('no-load.leg-b', 'one-leg-dead,nonsense')->json('value'))->toBeLessThan(1);
    $read('oil')->assertStatus(422);
    $read('none')->assertStatus(422);
});

it('takes what was read at a breaker back to the loads with its day', function () {
    $key = collect(($this->steps)())->first(fn ($s) => $s->measures !== null)->key;
    ($this->upTo)($key);
    ($this->note)($key, ['value' => '4.4'])->assertSessionHasNoErrors();
    $circuit = ($this->file)()->panelWith(substr($key, 3))->circuit(substr($key, 3));
    expect($circuit->measured->runAmps)->toBe(4.4)->and($circuit->measured->on)->toBe('2026-11-27');
});

it('prints the checklist and a certificate that says what was not checked', function () {
    $this->get("$this->base/papers/install-checklist.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    $this->get("$this->base/papers/certificate.pdf")->assertRedirect();
    ($this->upTo)('no-load.leg-a');
    ($this->note)('no-load.leg-a', ['value' => '121', 'tool' => 'meter 7'])->assertSessionHasNoErrors();
    $this->get("$this->base/papers/certificate.pdf")->assertOk();
    $text = json_encode((new Underpin\Papers\Certificate)->blocks(Underpin\Checks\Review::of(($this->file)()), '2026-11-27'),
        JSON_UNESCAPED_UNICODE);
    expect($text)->toContain('121 V, 114 to 126 V (practice), with meter 7')->toContain('not checked')
        ->toContain("NV, 2026\u{2011}11\u{2011}27 09:30")
        ->not->toMatch('/\bsafe\b/i');
});

it('lets an apprentice do and note the work, and tells a device who is signed in', function () {
    $this->actingAs($this->person('ap@one.example', $this->nell->shop, PersonRole::Apprentice));
    ($this->note)('permit')->assertSessionHasNoErrors();
    $this->getJson('/line')->assertOk()->assertJsonStructure(['user', 'token']);
    auth()->logout();
    $this->getJson('/line')->assertStatus(401);
});

it('prints the checklist from the command line as it was agreed', function () {
    $path = tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($path, Underpin\Exchange\JobFile::standard()->encode(($this->file)()));
    $out = json_decode((string) shell_exec('php '.base_path('artisan').' underpin:checklist '.escapeshellarg($path)), true);
    unlink($path);
    expect(array_keys($out['steps'][0]))->toBe(['key', 'stage', 'kind', 'text', 'why', 'source', 'reading'])
        ->and(array_unique(array_column($out['steps'], 'stage')))->toContain('install')->toContain('prove');
    foreach ($out['steps'] as $step) {
        expect($step['reading'] === null || array_keys($step['reading']) === ['unit', 'low', 'high'])->toBeTrue();
    }
});

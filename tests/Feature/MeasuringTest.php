<?php

declare(strict_types=1);

use App\Devices\ClampMeter;
use App\Devices\ClampMeters;
use App\Models\Job;
use App\Models\Recording;
use App\Models\StandInMeter;
use App\Recordings\RecordingRows;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Underpin\Exchange\JobFile;
use Underpin\Job\LoadBasis;
use Underpin\Legs\Leg;
use Underpin\Measure\Reading;

beforeEach(function () {
    $this->user = $this->person();
    $this->job = $this->job($this->user);
    $this->actingAs($this->user);
    $this->base = "/jobs/{$this->job->id}";
    $this->file = fn () => JobFile::standard()->decode((string) $this->get("$this->base/job.json")->getContent());
    $this->begin = function (): string {
        $this->post("$this->base/recordings", ['name' => 'One by one', 'inlet_a' => '30', 'buffer_a' => '2'])->assertRedirect();

        return $this->base.'/recordings/'.$this->job->recordings()->latest('id')->firstOrFail()->key;
    };
});

it('reads the stand-in house as it was switched', function () {
    $this->travelTo(now()->startOfSecond());
    $meter = fn (int $since) => $this->getJson("$this->base/meter/readings?since=$since")->assertOk()->json();
    $now = $meter(0)['now'];
    $this->put("$this->base/meter/switch", ['circuit' => 'c5', 'on' => '1'])->assertRedirect();
    $this->travel(20)->seconds();
    $readings = $meter($now)['readings'];
    expect(count($readings))->toBe(200)
        ->and($readings[1][1])->toBeGreaterThan(10)
        ->and($readings[199][1])->toBeLessThan(8)->toBeGreaterThan(4)
        ->and($meter($now)['readings'])->toBe($readings);
    $this->put("$this->base/meter/switch", ['circuit' => 'c5', 'on' => '0']);
    $this->travel(2)->seconds();
    $last = $meter($now + 21_000)['readings'];
    expect(end($last)[1])->toBeLessThan(2);
    $this->put("$this->base/meter", ['base_a' => '7', 'base_b' => '1', 'noise_a' => '0', 'swapped' => '1'])->assertSessionHasNoErrors();
    $last = $meter($now + 21_000)['readings'];
    expect(end($last)[2])->toEqualWithDelta(7, 0.3);
    $this->put(
        "$this->base/meter", ['base_a' => '-7', 'base_b' => '1', 'noise_a' => '99', 'swapped' => '1'],
    )->assertSessionHasErrors(['base_a', 'noise_a']);
    $this->put("$this->base/meter/switch", ['circuit' => 'nothing', 'on' => '1'])->assertSessionHasErrors('circuit');
    $this->get("$this->base/meter")->assertOk()->assertSee('Well pump');
});

it('adds to the house what is listed later', function () {
    $this->get("$this->base/meter")->assertDontSee('Freezer');
    $this->post(
        "$this->base/circuits",
        [
            'panel' => 'main', 'space' => '14', 'half' => '', 'poles' => '1', 'amps' => '20', 'name' => 'Freezer', 'protection' => 'none',
            'note' => '', 'keep_on' => '', 'receptacle_a' => '', 'shares_neutral_with' => '',
        ],
    );
    $key = $this->job->circuits()->where('name', 'Freezer')->firstOrFail()->key;
    $this->put("$this->base/meter/switch", ['circuit' => $key, 'on' => '1'])->assertSessionHasErrors('circuit');
    $this->post(
        "$this->base/circuits/$key/loads",
        ['name' => 'Freezer', 'kind' => 'refrigeration', 'run_w' => '150', 'start_w' => '900', 'pf' => '0.85'],
    );
    $this->get("$this->base/meter")->assertSee('switch-'.$key, false);
    $this->put("$this->base/meter/switch", ['circuit' => $key, 'on' => '1'])->assertSessionHasNoErrors();
});

it('asks for circuits where there are none', function () {
    $empty = $this->job($this->user, new Underpin\Job\Job('Empty'));
    $this->get("/jobs/$empty->id/meter")->assertSee('The house has no circuits yet');
    $this->get("/jobs/$empty->id/recordings")->assertSee('There are no breakers yet');
    foreach (['schools', 'intervals', 'demand'] as $page) {
        $this->get("/jobs/$empty->id/$page")->assertOk();
    }
});

it('does not change the house when the list changes', function () {
    $this->get("$this->base/meter");
    $before = StandInMeter::query()->firstOrFail()->state;
    $this->delete("$this->base/circuits/c5");
    $this->get("$this->base/meter")->assertOk();
    expect(StandInMeter::query()->firstOrFail()->state)->toBe($before);
});

it('keeps a batch once, however often it comes', function () {
    $path = ($this->begin)();
    $batch = array_map(fn (int $i) => [$i * 100, 2.5, 1], range(0, 99));
    $this->postJson("$path/readings", ['readings' => $batch])->assertOk()->assertJson(['kept' => 100, 'kept_to' => 9900]);
    $this->postJson("$path/readings", ['readings' => $batch])->assertOk();
    $this->postJson("$path/readings", ['readings' => array_map(fn (int $i) => [$i * 100, 3.5, 1], range(90, 109))])->assertOk();
    $kept = iterator_to_array(RecordingRows::readings($this->job->recordings()->firstOrFail()), false);
    expect(array_map(fn (Reading $r) => $r->atMs, $kept))->toBe(range(0, 10_900, 100))
        ->and(array_map(fn (Reading $r) => $r->aAmps, $kept))->toBe([...array_fill(0, 100, 2.5), ...array_fill(0, 10, 3.5)]);
});

it('refuses readings and marks that cannot be', function (string $to, array $body, string $field) {
    $path = ($this->begin)();
    $this->postJson("$path/$to", $body)->assertStatus(422)->assertJsonValidationErrors($field);
    expect(DB::table('reading_blocks')->count() + DB::table('marks')->count())->toBe(0);
})->with([
    ['readings', [], 'readings'], ['readings', ['readings' => 'x'], 'readings'], ['readings', ['readings' => [[0, 1]]], 'readings.0'],
    ['readings', ['readings' => [[0, 1, 1], ['1', 1, 1]]], 'readings.1'],
    ['readings', ['readings' => [[-1, 1, 1]]], 'readings.0'], ['readings', ['readings' => [[0, -1, 1]]], 'readings.0'],
    ['readings', ['readings' => [[0, 1, 1e9]]], 'readings.0'], ['readings', ['readings' => array_fill(0, 2001, [0, 1, 1])], 'readings'],
    ['marks', ['at_ms' => 'soon', 'said' => 'x'], 'at_ms'], ['marks', ['at_ms' => 5, 'said' => str_repeat('x', 101)], 'said'],
    ['marks', ['at_ms' => 5, 'said' => 'x', 'circuit' => 'none'], 'circuit'],
]);

it('offers what it finds, and takes it for a circuit', function () {
    $path = ($this->begin)();
    $readings = array_map(fn (int $i) => [$i * 100, 1.0 + ($i >= 60 ? 5.0 + ($i === 60 ? 9.0 : 0.0) : 0.0), 1.0], range(0, 150));
    $this->postJson("$path/readings", ['readings' => $readings])->assertOk();
    $this->postJson("$path/marks", ['at_ms' => 5500, 'said' => 'Boiler on', 'circuit' => 'c4'])->assertOk();
    $this->get("$path/offers", ['X-Parts' => '1'])->assertOk()->assertSee('answered on leg A, but its space hangs on leg B');
    $answer = $this->put(
        "$this->base/measured",
        ['circuit' => 'c4', 'measured_leg' => 'A', 'measured_run_a' => '5', 'measured_start_a' => '14', 'by_hand' => '0'],
        ['X-Parts' => '1'],
    )->assertOk();
    expect(rawurldecode((string) $answer->headers->get('X-Said')))->toContain('label or the space is wrong');
    $boiler = ($this->file)()->service->panels[0]->circuit('c4');
    expect($boiler?->measured?->leg)->toBe(Leg::A)
        ->and($boiler->measured->startAmps)->toBe(14.0)
        ->and($boiler->measured->byHand)->toBeFalse();
    $this->get("$this->base/loads?at=c4")->assertSee('answered on leg A; its space hangs on leg B');
    $this->post("$path/stop")->assertRedirect();
    $this->get($path)->assertOk()->assertSee('A 30 A inlet leaves')->assertSee('✓ taken', false);
    $this->delete("$this->base/measured", ['circuit' => 'c4'])->assertRedirect();
    expect(($this->file)()->service->panels[0]->circuit('c4')?->measured)->toBeNull();
});

it('takes all that agree at once, keeps what was found, and takes nothing that does not', function () {
    $path = ($this->begin)();
    $run = ($this->file)()->service->panels[0]->circuit('c2')?->runAmps() ?? 0.0;
    // The fridge, on its leg and about as listed; then, minutes later, something on the other leg that was named the boiler.
    $level = fn (int $i): array => [$i * 100, 1.0 + ($i >= 60 ? $run : 0.0) + ($i >= 3500 ? 5.0 : 0.0), 1.0];
    foreach (array_chunk(range(0, 3600), 1800) as $some) {
        $this->postJson("$path/readings", ['readings' => array_map($level, $some)])->assertOk();
        foreach ([1, 2, 3] as $again) {
            $found = $some[0] === 0 ? 1 : 2;
            $this->get("$path/offers", ['X-Parts' => '1'])->assertOk()->assertSee("Steps found <small>$found</small>", false);
        }
    }
    $this->postJson("$path/marks", ['at_ms' => 6000, 'said' => '', 'circuit' => 'c2'])->assertOk();
    $this->postJson("$path/marks", ['at_ms' => 350_000, 'said' => '', 'circuit' => 'c4'])->assertOk();
    // The first step is long out of the live window, and still stands there.
    $this->get("$path/offers", ['X-Parts' => '1'])->assertOk()->assertSee('Steps found <small>2</small>', false)
        ->assertSee('Take all that agree <small>1</small>', false);
    $this->post("$path/take")->assertRedirect($path);
    $panel = ($this->file)()->service->panels[0];
    expect($panel->circuit('c2')?->measured?->runAmps)->toEqualWithDelta($run, 0.02)->and($panel->circuit('c4')?->measured)->toBeNull();
    $this->get($path)->assertSee('✓ taken', false)->assertDontSee('Take all that agree');
});

it('lists every marked step of a long recording, and the newest of the rest', function () {
    $path = ($this->begin)();
    // A pump that comes on every twenty seconds for half an hour.
    foreach (range(0, 8) as $batch) {
        $this->postJson(
            "$path/readings",
            ['readings' => array_map(
                fn (int $i) => [$i * 100, intdiv($i, 100) % 2 === 1 ? 9.0 : 1.0, 1.0], range($batch * 2000, $batch * 2000 + 1999),
            )],
        )->assertOk();
    }
    $this->postJson("$path/marks", ['at_ms' => 50_000, 'said' => 'first pump', 'circuit' => null])->assertOk();
    $page = (string) $this->get($path)
        ->assertOk()
        ->assertSee('Steps found <small>90</small>', false)
        ->assertSee('first pump')
        ->assertSee('59 more without a mark are not listed')
        ->getContent();
    expect(substr_count($page, '<tr class="offer '))->toBe(31);
});

it('counts a reading typed by hand the same', function () {
    $this->put(
        "$this->base/measured",
        ['circuit' => 'c2', 'measured_leg' => 'A', 'measured_run_a' => '2.5', 'measured_start_a' => '', 'by_hand' => '1'],
    )->assertSessionHasNoErrors();
    $measured = ($this->file)()->service->panels[0]->circuit('c2')?->measured;
    expect([$measured?->runAmps, $measured?->startAmps, $measured?->byHand])->toBe([2.5, 2.5, true]);
    foreach (
        [
            ['measured_run_a' => '-1'], ['measured_run_a' => '3', 'measured_start_a' => '2'], ['measured_leg' => 'C'], ['circuit' => ''],
        ] as $wrong
    ) {
        $this->put(
            "$this->base/measured",
            $wrong + ['circuit' => 'c2', 'measured_leg' => 'A', 'measured_run_a' => '9', 'measured_start_a' => '9', 'by_hand' => '1'],
        )->assertSessionHasErrors();
    }
    expect(($this->file)()->service->panels[0]->circuit('c2')?->measured?->runAmps)->toBe(2.5);
    $this->put(
        "$this->base/measured",
        ['circuit' => 'gone', 'measured_leg' => 'A', 'measured_run_a' => '9', 'measured_start_a' => '9', 'by_hand' => '1'],
    )->assertStatus(409);
});

it('takes readings out as a table and in again', function () {
    $path = ($this->begin)();
    $this->postJson("$path/readings", ['readings' => [[0, 1.5, 2], [100, 1.25, 2.5], [200, 9, 0]]]);
    $this->postJson("$path/marks", ['at_ms' => 150, 'said' => '=danger', 'circuit' => null]);
    $csv = $this->get("$path/readings.csv")->assertOk()->streamedContent();
    expect($csv)->toContain("0.100,1.250,2.500,\r\n")->toContain("'=danger");
    $this->post("$this->base/recordings/import", ['file' => UploadedFile::fake()->createWithContent('barn.csv', $csv)])->assertRedirect();
    $again = $this->job->recordings()->where('name', 'barn')->firstOrFail();
    $readings = fn (Recording $recording) => iterator_to_array(RecordingRows::readings($recording), false);
    expect($readings($again))->toHaveCount(3)->toEqual($readings($this->job->recordings()->where('name', 'One by one')->firstOrFail()))
        ->and(RecordingRows::marks($again)[0]->said)->toBe('=danger');
    $this->post(
        "$this->base/recordings/import", ['file' => UploadedFile::fake()->createWithContent('x.csv', 'nothing')],
    )->assertSessionHasErrors('file');
});

it('brings readings in with decimal commas, also where only a late one tells', function () {
    $rows = implode('', array_map(fn (int $i): string => "$i\t1,250\t2,500\r\n", range(0, 40_000)));
    $csv = "Time (s)\tLeg A (A)\tLeg B (A)\r\n{$rows}40001\t1,5\t2,5\r\n";
    $this->post("$this->base/recordings/import", ['file' => UploadedFile::fake()->createWithContent('barn.tsv', $csv)])
        ->assertSessionHas('status', '40,002 readings brought in, with a decimal comma');
    expect($this->job->recordings()->count())->toBe(1);
    $readings = iterator_to_array(RecordingRows::readings($this->job->recordings()->firstOrFail()), false);
    expect([$readings[0]->aAmps, $readings[0]->bAmps, count($readings)])->toBe([1.25, 2.5, 40_002]);
    $this->post(
        "$this->base/recordings/import", ['file' => UploadedFile::fake()->createWithContent('x.tsv', "s\ta\tb\n0\t1,250\t2\n")],
    )->assertSessionHasErrors(['file' => '"1,250" may be 1250 or 1.25, and no other value tells which. Say which under "Decimal mark". '
        .'Nothing was kept.']);
});

it('keeps every reading to its last digit, over the ends of minutes and in any order of batches', function () {
    $path = ($this->begin)();
    $reading = fn (int $i): array => [$i * 137, round(fmod($i * 0.7310585786300049, 60), 12), 1 / ($i + 3)];
    foreach ([[500, 999], [0, 499], [300, 700], [1400, 1499], [1000, 1450]] as [$from, $to]) {
        $this->postJson("$path/readings", ['readings' => array_map($reading, range($from, $to))])->assertOk();
    }
    $recording = $this->job->recordings()->firstOrFail();
    $kept = fn (int $since = 0) => array_map(
        fn (Reading $r) => [$r->atMs, $r->aAmps, $r->bAmps], iterator_to_array(RecordingRows::readings($recording, $since), false),
    );
    expect($kept())->toBe(array_map($reading, range(0, 1499)))->and($kept(100 * 137 + 1))->toBe(array_map($reading, range(101, 1499)))
        ->and(RecordingRows::lastMs($recording))->toBe(1499 * 137)->and(RecordingRows::span($recording))->toBe([0, 1499 * 137]);
});

it('shows and gives out six hours of ten readings a second in bounded memory', function () {
    $path = ($this->begin)();
    $recording = $this->job->recordings()->firstOrFail();
    foreach (range(0, 5) as $hour) {
        RecordingRows::keep(
            $recording,
            array_map(fn (int $i) => new Reading($hour * 3_600_000 + $i * 100, 5.0 + ($hour === 3 ? 14.0 : 0.0), 3.0), range(0, 35_999)),
        );
    }
    $this->post("$path/stop");
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $this->get($path)->assertOk()->assertSee('216,000')->assertSee('5:59:59')->assertSee('19.0');
    $this->get("$this->base/schools")->assertOk()->assertSee('19.0 A');
    $lines = 0;
    ob_start(function (string $part) use (&$lines): string {
        $lines += substr_count($part, "\r\n");

        return '';
    }, 65_536);
    $this->get("$path/readings.csv")->assertOk()->baseResponse->sendContent();
    ob_end_clean();
    expect($lines)->toBe(216_001)->and(memory_get_peak_usage() - $before)->toBeLessThan(24_000_000);
});

it('removes a recording and brings it back', function () {
    $path = ($this->begin)();
    $this->delete($path)->assertRedirect();
    $this->get($path)->assertStatus(409);
    $this->post("$path/restore");
    $this->get($path)->assertOk();
});

it('lets sizing use another way only with a reason, and keeps that', function () {
    $this->put("$this->base/schools", ['figures' => 'measure', 'figures_reason' => ''])->assertSessionHasErrors('figures_reason');
    $this->put("$this->base/schools", ['figures' => 'guess', 'figures_reason' => 'x'])->assertSessionHasErrors('figures');
    $this->put("$this->base/schools", ['figures' => 'measure', 'figures_reason' => 'the nameplates are gone'])->assertSessionHasNoErrors();
    $this->get("$this->base/schools")->assertOk()->assertSee('the nameplates are gone')->assertSee('Must run, circuit by circuit');
    expect(($this->file)()->basis->use)->toBe(LoadBasis::Measure);
});

it('shows no recording to another shop', function () {
    $path = ($this->begin)();
    $this->flushSession();
    $this->actingAs($this->person('eve@two.example'));
    $this->get($path)->assertNotFound();
    $this->postJson("$path/readings", ['readings' => [[0, 1, 1]]])->assertNotFound();
    $this->getJson("$this->base/meter/readings")->assertNotFound();
});

it('reads whatever meter the container gives, and shows no stand-in house beside a real one', function () {
    app()->bind(ClampMeters::class, fn () => new class implements ClampMeters
    {
        public function at(Job $job): ClampMeter
        {
            return new class implements ClampMeter
            {
                public function readings(int $sinceMs, int $nowMs): array
                {
                    return [new Reading($nowMs, 7.0, 3.0)];
                }
            };
        }
    });
    expect($this->getJson("$this->base/meter/readings")->assertOk()->json('readings.0.1'))->toEqual(7.0);
    $this->post("$this->base/recordings", ['name' => 'Evening', 'inlet_a' => '30', 'buffer_a' => '0'])->assertRedirect();
    $key = $this->job->recordings()->firstOrFail()->key;
    $this->get("$this->base/recordings/$key")->assertOk()->assertDontSee('The stand-in house');
});

<?php

declare(strict_types=1);

use App\JobFile\JobRows;
use App\Models\Job;
use Tests\Support\RandomHouse;
use Underpin\Exchange\JobFile;
use Underpin\Job\Circuit;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
});

it('gives any house back from the database', function (int $seed) {
    $house = RandomHouse::job($seed);
    $back = JobRows::read(Job::query()->findOrFail($this->job($this->user, $house)->id));
    // Rows come by space; a file keeps the order it has.
    $sorted = function (array $data): array {
        foreach ($data['panels'] as &$panel) {
            usort($panel['circuits'], fn (array $x, array $y) => [$x['space'], (string) $x['half']] <=> [$y['space'], (string) $y['half']]);
        }

        return $data;
    };
    expect($sorted(JobFile::standard()->toArray($back)))->toEqual($sorted(JobFile::standard()->toArray($house)));
})->with(range(1, 15));

it('stands ids of any length and kind in a job file', function (string $id) {
    $data = JobFile::standard()->toArray(RandomHouse::job(3));
    $data['panels'][0]['id'] = $id;
    $data['panels'][0]['circuits'][0]['id'] = $id;
    foreach ($data['panels'] as &$panel) {
        $panel['fed_from'] = $panel['feeder_circuit'] = '';
    }
    $answer = $this->post(
        '/jobs/import',
        ['file' => Illuminate\Http\UploadedFile::fake()->createWithContent('x.json', json_encode($data, JSON_THROW_ON_ERROR))],
    );
    expect($answer->getStatusCode())->toBeIn([200, 302, 422]);
    if (session('errors') === null && $answer->getStatusCode() === 302) {
        $this->get((string) $answer->headers->get('Location').'?')->assertStatus(302);
        $this->get('/jobs/'.Job::query()->max('id').'/survey?at='.rawurlencode($id))->assertOk();
    }
})->with(['long' => [str_repeat('x', 300)], 'a number' => ['7'], 'a word of the program' => ['meter'], 'signs' => ['a/b?c&d="e"<f>'],
    'blank' => [' '], 'other letters' => ['灯']]);

it('takes back any run of changes, and makes them again', function (int $seed) {
    $house = RandomHouse::job($seed);
    $job = $this->job($this->user, $house);
    $base = "/jobs/$job->id";
    $export = fn (): string => (string) $this->get("$base/job.json")->getContent();
    $states = [$export()];
    mt_srand(9000 + $seed);
    $circuits = $house->circuits();
    $any = fn (): Circuit => $circuits[mt_rand(0, count($circuits) - 1)];
    for ($try = 0; $try < 40; $try++) {
        $circuit = $any();
        match (mt_rand(0, 7)) {
            0 => $this->patch("$base/circuits/$circuit->id/role", ['role' => ['must', 'room', 'off'][mt_rand(0, 2)]]),
            1 => $this->patch("$base/circuits/$circuit->id/move", ['space' => (string) mt_rand(1, 20)]),
            2 => $this->put("$base/service", ['place' => ['', 'panel', 'meter', 'cabinet'][mt_rand(0, 3)]]),
            3 => $this->post(
                "$base/service/disconnects", ['name' => "D $try", 'amps' => (string) mt_rand(1, 500), 'bonded' => '', 'marking' => ''],
            ),
            4 => $this->put(
                "$base/measured",
                [
                    'circuit' => $circuit->id, 'measured_leg' => ['A', 'B', 'AB'][mt_rand(0, 2)],
                    'measured_run_a' => (string) mt_rand(0, 30), 'measured_start_a' => (string) mt_rand(0, 60), 'by_hand' => '1',
                ],
            ),
            5 => $this->put(
                "$base/schools",
                ['figures' => ['list', 'measure', 'calculate'][mt_rand(0, 2)], 'figures_reason' => mt_rand(0, 1) ? "Reason $try" : ''],
            ),
            6 => $this->delete("$base/circuits/$circuit->id"),
            default => $this->post(
                "$base/circuits/$circuit->id/loads",
                ['name' => "Load $try", 'kind' => 'other', 'run_w' => (string) mt_rand(-50, 900), 'start_w' => '', 'pf' => '1'],
            ),
        };
        session()->forget('errors');
        $now = $export();
        if ($now !== end($states)) {
            $states[] = $now;
        }
        expect($job->events()->count())->toBeGreaterThanOrEqual(count($states) - 1);
    }
    expect(count($states))->toBeGreaterThan(8);
    $most = $job->events()->count();
    for ($seq = $most; $seq > 0; $seq--) {
        $this->post("$base/undo", ['seq' => $seq])->assertSessionHasNoErrors();
    }
    expect($export())->toBe($states[0]);
    for ($seq = 2 * $most; $seq > $most; $seq--) {
        $this->post("$base/redo", ['seq' => $seq])->assertSessionHasNoErrors();
    }
    expect($export())->toBe(end($states));
})->with(range(1, 8));

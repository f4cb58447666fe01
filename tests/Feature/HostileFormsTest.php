<?php

declare(strict_types=1);

use App\Models\Run;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route as RouteEntry;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;

const ODD = [
    '', '0', '-1', '1e400', 'NaN', '999999999999999999999', '2.5', 'null', 'true', ' ', "a\0b", "\xC3\x28", '<script>alert(1)</script>',
    "'; drop table jobs; --", '../../etc/passwd', '=1+1', '٣', '𝟛', 'A', 'AB', 'must', 'panel', 'cabinet', 'measure', 'main', 'c5',
    'c5-load', '17-24', '2026-02-31',
];

const FIELDS = [
    'name', 'kind', 'spaces', 'main_a', 'interlock_listed', 'interlock_space', 'has_multiwire', 'fed_from', 'feeder_a', 'feeder_circuit',
    'bonded', 'marking', 'feeder_ground', 'other_building', 'main_lugs', 'bus_a', 'shares_neutral_with', 'pole', 'plug', 'bridge_min',
    'at', 'disconnect', 'run', 'switch_kind', 'place',
    'tandem_spaces', 'place', 'amps', 'panel', 'space', 'half', 'poles', 'protection', 'note', 'keep_on',
    'receptacle_a', 'role', 'run_w', 'start_w', 'pf', 'duty', 'on_s', 'off_s', 'season', 'phase', 'circuit', 'measured_leg',
    'measured_run_a', 'measured_start_a', 'by_hand', 'inlet_a', 'buffer_a', 'base_a', 'base_b', 'noise_a', 'swapped', 'on', 'figures',
    'figures_reason', 'zone', 'new_load_va', 'of', 'of_key', 'question', 'found', 'was', 'seq', 'method', 'volts', 'stage', 'text',
    'pasted', 'rla', 'hp', 'code_letter', 'margin_pct', 'fuel', 'machine', 'connection',
];

it('answers no form with an error, whatever stands in it', function (int $seed) {
    Storage::fake('local');
    $user = $this->person();
    $job = $this->job($user);
    $this->actingAs($user);
    $recording = $job->recordings()->create(
        ['key' => 'rec', 'name' => 'Rec', 'began_ms' => 1, 'ended' => false, 'inlet_a' => 30, 'buffer_a' => 0]
    );
    $run = Run::query()->create(
        [
            'job_id' => $job->id, 'user_id' => $user->id, 'task' => 'utility_data', 'label' => 'x',
            'input' => ['path' => 'x', 'file' => 'x', 'zone' => 'eastern'],
        ]
    );
    $routes = array_filter(
        Route::getRoutes()->getRoutes(),
        fn (RouteEntry $r) => str_starts_with($r->uri(), 'jobs/{job}/')
            && array_intersect($r->methods(), ['POST', 'PUT', 'PATCH', 'DELETE']) !== [],
    );
    expect(count($routes))->toBeGreaterThan(40);
    mt_srand(400 + $seed);
    $odd = fn (): mixed => mt_rand(0, 30) === 0
        ? ['a' => ['b']]
        : (mt_rand(0, 60) === 0 ? str_repeat('x', 70_000) : ODD[mt_rand(0, count(ODD) - 1)]);
    foreach ($routes as $route) {
        $path = strtr($route->uri(), [
            '{job}' => (string) $job->id, '{panel}' => ['main', 'gone'][mt_rand(0, 1)], '{circuit}' => ['c5', 'c2', 'gone'][mt_rand(0, 2)],
            '{load}' => ['c5-load', 'gone'][mt_rand(0, 1)],
            '{disconnect}' => 'd1', '{photo}' => 'gone', '{run}' => (string) $run->id,
            '{recording}' => [$recording->key, 'gone'][mt_rand(0, 1)],
        ]);
        $body = [];
        foreach (FIELDS as $field) {
            $body[$field] = $odd();
        }
        if (mt_rand(0, 1)) {
            $body['file'] = UploadedFile::fake()->createWithContent('x.csv', (string) ODD[mt_rand(0, count(ODD) - 1)]);
            $body['photos'] = [UploadedFile::fake()->createWithContent("x\u{202E}gpj.exe", 'x')];
        }
        $answer = $this->call(
            $route->methods()[0], "/$path", $body, [], [],
            mt_rand(0, 1) ? ['HTTP_X_PARTS' => '1', 'HTTP_ACCEPT' => 'application/json'] : [],
        );
        // Every address is there: what is gone is a conflict, and what is odd is refused.
        expect($answer->getStatusCode())->toBeIn([200, 302, 409, 422], $route->methods()[0]." $path");
        session()->forget('errors');
        session()->forget('_old_input');
    }
    foreach (
        ['survey', 'loads', 'size', 'connect', 'wire', 'run', 'demand', 'schools', 'recordings', 'intervals', 'meter', 'job.json'] as $page
    ) {
        $this->get("/jobs/$job->id/$page")->assertOk();
    }
})->with(range(1, 8));

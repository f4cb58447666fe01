<?php

declare(strict_types=1);

use App\Http\Middleware\BodyLimit;
use Illuminate\Support\Facades\Route;

/** What a server says of the body that it has received. */
function sending(object $test, string $path, int $bytes, array $heads = []): Illuminate\Testing\TestResponse
{
    return $test->withServerVariables(['CONTENT_LENGTH' => (string) $bytes])->post($path, ['name' => 'x'], $heads);
}

it('takes no more at a form than forms have', function () {
    $this->actingAs($this->person());
    sending($this, '/jobs', BodyLimit::FORM_BYTES + 1)->assertStatus(413)->assertSee('More was sent than this page takes, which is 1 MB');
    sending($this, '/jobs', BodyLimit::FORM_BYTES)->assertStatus(302);
    sending($this, '/jobs', 2_000_000, ['Accept' => 'application/json, text/html'])->assertStatus(413)->assertJsonStructure(['message']);
});

it('takes files where files are brought in, and nowhere else', function () {
    $user = $this->person();
    $job = $this->job($user);
    $this->actingAs($user);
    $large = [];
    foreach (Route::getRoutes() as $route) {
        if (array_intersect(['POST', 'PUT', 'PATCH', 'DELETE'], $route->methods()) && str_starts_with($route->uri(), 'jobs')) {
            $path = '/'.preg_replace(['/\{job\}/', '/\{\w+\}/'], [(string) $job->id, '1'], $route->uri());
            $status = $this->withServerVariables(['CONTENT_LENGTH' => '5000000'])->call($route->methods()[0], $path)->status();
            $large = [...$large, ...$status === 413 ? [] : [$route->getName()]];
        }
    }
    sort($large);
    expect($large)->toBe([
        'jobs.import', 'jobs.intervals.store', 'jobs.photos.store', 'jobs.recordings.import', 'jobs.schedule.read', 'jobs.schedule.take',
    ]);
});

it('does what takes long only so often for one person', function (string $method, string $path, int $times) {
    $user = $this->person();
    $job = $this->job($user);
    $this->actingAs($user);
    $path = str_replace('{}', (string) $job->id, $path);
    for ($n = 0; $n < $times; $n++) {
        $this->call($method, $path);
    }
    $this->call($method, $path)->assertStatus(429)->assertHeader('Retry-After')->assertSee('Too much at once');
    $other = $this->actingAs($this->person('bo@one.example', $user->shop))->call($method, $path)->status();
    expect($other)->not->toBe(429);
})->with([
    'a job file' => ['POST', '/jobs/import', 30],
    'data of the utility' => ['POST', '/jobs/{}/intervals', 30],
    'a recording' => ['POST', '/jobs/{}/recordings/import', 30],
    'a panel schedule' => ['POST', '/jobs/{}/schedule', 30],
    'photos' => ['POST', '/jobs/{}/photos', 300],
    'a drawing' => ['GET', '/jobs/{}/drawings/nothing/1.pdf', 60],
]);

<?php

declare(strict_types=1);

use App\Access\PersonRole;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;
use Monolog\Formatter\JsonFormatter;
use Monolog\Handler\TestHandler;

/** @return list<array<string, mixed>> the lines that were written */
function written(TestHandler $handler): array
{
    return array_map(fn ($record): array => json_decode((string) (new JsonFormatter)->format($record), true), $handler->getRecords());
}

beforeEach(function (): void {
    $this->handler = new TestHandler;
    Log::channel(config('logging.default'))->getLogger()->setHandlers([$this->handler]);
});

it('writes a line of JSON to a file for each day', function () {
    expect(config('logging.default'))->toBe('lines')
        ->and(config('logging.channels.lines.driver'))->toBe('daily')
        ->and(config('logging.channels.lines.formatter'))->toBe(JsonFormatter::class);
});

it('names the request in its answer and in every line, and takes no name from outside', function () {
    Route::get('/speaks', fn () => Log::warning("One\nand\xff two"));
    $id = $this->get('/speaks', ['X-Request-Id' => 'forged'])->headers->get('X-Request-Id');
    [$line] = written($this->handler);
    expect($id)->toMatch('/^[0-9a-z]{26}$/')
        ->and($line['extra']['request'])->toBe($id)
        ->and($line['extra']['asked'])->toBe('GET /speaks')
        ->and($line['message'])->toContain("One\nand");
});

it('notes who asks, not what stands in front', function () {
    TrustProxies::at(['10.1.2.3']);
    $this->withServerVariables(['REMOTE_ADDR' => '10.1.2.3'])->post(
        '/sign-in', ['email' => 'nobody@one.example', 'password' => 'x'], ['X-Forwarded-For' => '203.0.113.9'],
    );
    expect(written($this->handler)[0]['extra']['from'])->toBe('203.0.113.9');
});

it('tells of sign-ins and refusals, and not what was typed', function () {
    $user = $this->person();
    $this->post('/sign-in', ['email' => 'hunter2-secret', 'password' => 'typed-secret']);
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'typed-secret']);
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password']);
    $lines = written($this->handler);
    $told = array_values(array_filter($lines, fn (array $line): bool => $line['message'] !== 'Refused'));
    expect(array_column($told, 'message'))->toBe(['Sign-in refused', 'Sign-in refused', 'Signed in'])
        ->and(array_column(array_column($told, 'context'), 'account'))->toBe([null, $user->id, $user->id])
        ->and(json_encode($lines))->not->toContain('secret')->not->toContain('a-long-password');
});

it('tells what was refused to whom, at whatever page, and not what was typed', function (Closure $ask, int $status, array $more) {
    $owner = $this->person();
    $apprentice = $this->person('cy@one.example', $owner->shop, PersonRole::Apprentice);
    $ask($this->actingAs($apprentice), $this->job($owner)->id);
    $line = collect(written($this->handler))->where('message', 'Refused')->sole();
    expect($line['context'])->toMatchArray(['status' => $status, 'account' => $apprentice->id, ...$more])
        ->and($line['level_name'])->toBe('NOTICE')
        ->and($line['extra'])->toHaveKeys(['request', 'asked', 'from'])
        ->and(json_encode($line))->not->toContain('typed-secret');
})->with([
    'a field' => [fn ($test) => $test->put('/account', ['name' => str_repeat('typed-secret', 20)]), 422, ['fields' => ['name']]],
    'a field of the core' => [
        fn ($test) => $test->post('/jobs', ['name' => str_repeat('typed-secret', 20)]), 422, [],
    ],
    'what is for others' => [fn ($test, $job) => $test->put("/jobs/$job/margin", ['margin_pct' => '33']), 403, []],
]);

it('says nothing of an address that is not there', function () {
    $this->get('/nowhere')->assertNotFound();
    expect(written($this->handler))->toBe([]);
});

it('writes a fault of ours with where it came from', function () {
    Route::get('/breaks', fn () => throw new RuntimeException('broken'));
    Route::get('/closed', fn () => abort(503));
    $this->get('/breaks')->assertStatus(500);
    $this->get('/closed')->assertStatus(503);
    [$broken, $closed] = written($this->handler);
    expect($broken['level_name'])->toBe('ERROR')->and($broken['message'])->toBe('broken')->and($closed['level_name'])->toBe('ERROR');
});

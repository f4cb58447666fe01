<?php

declare(strict_types=1);

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
    expect(array_column($lines, 'message'))->toBe(['Sign-in refused', 'Sign-in refused', 'Signed in'])
        ->and(array_column(array_column($lines, 'context'), 'account'))->toBe([null, $user->id, $user->id])
        ->and(json_encode($lines))->not->toContain('secret')->not->toContain('a-long-password');
});

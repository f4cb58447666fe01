<?php

declare(strict_types=1);

use Illuminate\Http\Middleware\TrustHosts;
use Illuminate\Http\Middleware\TrustProxies;
use Symfony\Component\Process\Process;

it('believes what stands in front only when it is named', function (array $proxies, string $scheme) {
    TrustProxies::at($proxies);
    $response = $this->withServerVariables(['REMOTE_ADDR' => '10.1.2.3'])
        ->get('/', ['X-Forwarded-Proto' => 'https', 'X-Forwarded-For' => '203.0.113.9']);
    expect((string) $response->headers->get('Location'))->toStartWith("$scheme://")
        ->and($response->headers->has('Strict-Transport-Security'))->toBe($scheme === 'https');
})->with(['named' => [['10.1.2.3'], 'https'], 'not named' => [['10.9.9.9'], 'http'], 'nobody' => [[], 'http']]);

it('answers to its own names only', function (string $host, bool $isOurs) {
    config(['app.url' => 'https://jobs.shop.example', 'app.trusted_hosts' => ['old.shop.example']]);
    $patterns = array_filter(app(TrustHosts::class)->hosts(), fn (string $pattern): bool => preg_match("{{$pattern}}i", $host) === 1);
    expect($patterns !== [])->toBe($isOurs);
})->with([
    ['jobs.shop.example', true], ['old.shop.example', true], ['127.0.0.1', true], ['localhost', true], ['evil.example', false],
    ['jobs.shop.example.evil.example', false], ['jobsXshop.example', false], ['127.0.0.1.evil.example', false],
]);

it('keeps private pages out of every cache, and lets a photo stay with who may see it', function () {
    $user = $this->person();
    foreach (['/', '/account', '/catalogue', '/nowhere'] as $path) {
        expect((string) $this->actingAs($user)->get($path)->headers->get('Cache-Control'))->toContain('no-store')->toContain('private');
    }
});

it('makes a cookie for https only when people find it there', function (string $url, bool $secure) {
    $code = 'require "vendor/autoload.php"; new Illuminate\Foundation\Application(getcwd());'
        .'echo json_encode((require "config/session.php")["secure"]);';
    $process = new Process(['php', '-r', $code], base_path(), ['APP_URL' => $url]);
    expect($process->mustRun()->getOutput())->toBe(json_encode($secure));
})->with([['https://jobs.shop.example', true], ['http://127.0.0.1:8470', false]]);

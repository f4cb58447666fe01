<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

it('has no route that is not its own', function () {
    $foreign = [];
    foreach (Route::getRoutes() as $route) {
        if (! str_starts_with((string) $route->getActionName(), 'App\Http\Controllers\\')) {
            $foreign[] = $route->uri();
        }
    }
    expect($foreign)->toBe([]);
});

it('asks at every route who it is, but at the door', function () {
    $open = [];
    foreach (Route::getRoutes() as $route) {
        if (! in_array('auth', $route->gatherMiddleware(), true)) {
            $open[] = implode('|', array_diff($route->methods(), ['HEAD'])).' '.$route->uri();
        }
    }
    sort($open);
    expect($open)->toBe([
        'GET feed/{token}.ics', 'GET forgotten-password', 'GET invitation/{token}', 'GET mails/{key}', 'GET new-password/{token}',
        'GET rehearse/{token}', 'GET sign-in',
        'GET sign-in/code', 'GET up',
        'POST forgotten-password', 'POST invitation/{token}', 'POST mails/{key}', 'POST new-password', 'POST rehearse/{token}',
        'POST rehearse/{token}/finish', 'POST sign-in', 'POST sign-in/code',
    ]);
});

it('counts each limit for itself, so that who did one thing often may still do another', function () {
    $counters = [];
    foreach (Route::getRoutes() as $route) {
        foreach (preg_grep('/^throttle:\d/', $route->gatherMiddleware()) as $limit) {
            $counters[] = explode(',', $limit)[2] ?? '';
        }
    }
    expect($counters)->not->toContain('')->and(array_unique($counters))->toBe($counters)->and(count($counters))->toBeGreaterThan(10);
});

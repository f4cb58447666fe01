<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

it('tells who watches that all is well, without a session', function () {
    $this->getJson('/up')->assertOk()->assertCookieMissing('underpin_session')
        ->assertExactJson(['database' => 'ok', 'disk' => 'ok', 'queue' => 'ok', 'mail' => 'ok']);
});

it('tells that the queue stands', function (int $waited, int $status) {
    DB::table('queued_work')->insert(
        ['queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'available_at' => time() - $waited, 'created_at' => time() - $waited],
    );
    $this->getJson('/up')->assertStatus($status);
})->with([[10, 200], [400, 503]]);

it('tells that the disk takes nothing', function () {
    Storage::shouldReceive('disk')->andReturn(new class
    {
        public function path(string $path): string
        {
            return "/proc/no-such-folder/$path";
        }
    });
    $this->getJson('/up')->assertStatus(503)->assertJson(['disk' => 'does not answer', 'database' => 'ok']);
});

it('tells that nobody takes the mail', function () {
    config(['mail.default' => 'smtp', 'mail.mailers.smtp.host' => '127.0.0.1', 'mail.mailers.smtp.port' => 1]);
    $this->getJson('/up')->assertStatus(503)->assertJson(['mail' => 'the server for mail does not answer']);
});

it('shows a page of its own when the database is away', function (string $path) {
    $user = $this->person();
    $this->actingAs($user);
    config(['database.connections.mariadb.port' => 1, 'database.connections.mariadb.unix_socket' => '']); // so also when asked again
    $kept = DB::connection()->getPdo();
    DB::connection()->setPdo(fn () => new PDO('mysql:host=127.0.0.1;port=1'));
    try {
        $this->get($path)->assertStatus(503)->assertSee('No answer')->assertHeader('Retry-After')->assertHeader('X-Frame-Options', 'DENY');
    } finally {
        DB::connection()->setPdo($kept);
    }
})->with(['/', '/catalogue']);

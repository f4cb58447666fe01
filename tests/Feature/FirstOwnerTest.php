<?php

declare(strict_types=1);

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Symfony\Component\Process\Process;

/* A database of its own: the command runs beside the test and sees only what is committed. */

beforeEach(function (): void {
    config(['database.connections.old' => [...config('database.connections.mariadb'), 'database' => 'underpin_old']]);
    Artisan::call('migrate:fresh', ['--database' => 'old', '--force' => true]);
});

afterEach(fn () => DB::purge('old'));

/** @return array{int, string} exit code and what was said */
function firstOwner(string $lines): array
{
    $process = new Process(['php', 'artisan', 'underpin:first-owner', '--lines'], base_path(), [
        // The compiled settings of the servers name another database.
        'DB_DATABASE' => 'underpin_old', 'APP_CONFIG_CACHE' => '/nonexistent/config.php',
    ], $lines);
    $process->run();

    return [$process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
}

function emptied(): Connection
{
    return DB::connection('old');
}

it('sets up a shop and its owner, with typical loads and nothing that is invented', function () {
    [$code, $said] = firstOwner("Bright Gap Electric\nUlla Berg\nulla@bright.example\nwalnut ferry oboe\n");
    $owner = emptied()->table('users')->sole();
    expect($code)->toBe(0)->and($said)->toContain('Bright Gap Electric is there')
        ->and($owner->role)->toBe('owner')->and($owner->name)->toBe('Ulla Berg')
        ->and(Hash::check('walnut ferry oboe', $owner->password))->toBeTrue()
        ->and(emptied()->table('library_loads')->count())->toBeGreaterThan(20)
        ->and(emptied()->table('machines')->count())->toBe(0)
        ->and(emptied()->table('rule_profiles')->count())->toBe(0)
        ->and(emptied()->table('jobs')->count())->toBe(0);
    [$code, $said] = firstOwner("Another\nBo\nbo@two.example\nwalnut ferry oboe\n");
    expect($code)->toBe(1)->and($said)->toContain('There is a shop here already')->and(emptied()->table('shops')->count())->toBe(1);
});

it('says which of the four will not do, and leaves nothing behind', function (string $lines, string $says) {
    [$code, $said] = firstOwner($lines);
    expect($code)->toBe(1)->and($said)->toContain($says)
        ->and(emptied()->table('shops')->count())->toBe(0)->and(emptied()->table('users')->count())->toBe(0);
})->with([
    'no shop' => ["\nUlla\nulla@bright.example\nwalnut ferry oboe\n", 'Name of the shop'],
    'no address' => ["Bright\nUlla\nulla\nwalnut ferry oboe\n", 'Your mail address'],
    'bytes' => ["Bri\xffght\nUlla\nulla@bright.example\nwalnut ferry oboe\n", 'Name of the shop: it holds bytes'],
    'a plain password' => ["Bright\nUlla\nulla@bright.example\nbright2026ulla\n", 'Password: it would be among the first guesses'],
    'the end' => ["Bright\n", 'Your name'],
]);

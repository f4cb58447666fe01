<?php

declare(strict_types=1);

use Illuminate\Support\Facades\File;
use Symfony\Component\Process\Process;
use Tests\Support\Stack;

/*
 * What `./underpin start` and `stop` take for their own. The servers are stood in for by processes
 * with the same command lines, in an installation of its own below the temporary folder.
 */

/** A process of the given name and words that does nothing for a minute. */
function standIn(string $name, string ...$words): Process
{
    $process = new Process(['bash', '-c', 'exec -a "$0" bash -c "sleep 60; :" "$@"', $name, ...$words]);
    $process->start();
    $until = microtime(true) + 5;
    while (! str_contains((string) @file_get_contents("/proc/{$process->getPid()}/cmdline"), 'sleep 60; :') && microtime(true) < $until) {
        usleep(10_000);
    }

    return $process;
}

beforeEach(function (): void {
    $this->root = sys_get_temp_dir().'/underpin-stack-'.bin2hex(random_bytes(6));
    $this->stack = "{$this->root}/storage/stack/app";
    File::ensureDirectoryExists("{$this->stack}/run");
    $this->standIns = [];
    $this->inStack = fn (string $commands): Process => Stack::commands(
        base_path(), 'app', "ROOT='{$this->root}'; stack_select app\n$commands",
    );
});

afterEach(function (): void {
    array_map(fn (Process $process) => $process->stop(0), $this->standIns);
    File::deleteDirectory($this->root);
});

it('knows its own servers by more than a number', function (string $server, array $words): void {
    $this->standIns[] = $own = standIn(...array_map(fn (string $word): string => str_replace('{}', $this->stack, $word), $words));
    file_put_contents("{$this->stack}/run/{$server}.pid", $own->getPid());
    expect(($this->inStack)("alive {$server}")->run())->toBe(0);

    $this->standIns[] = $other = standIn(...array_map(fn (string $word): string => str_replace('{}', "{$this->stack}-two", $word), $words));
    file_put_contents("{$this->stack}/run/{$server}.pid", $other->getPid());
    expect(($this->inStack)("alive {$server}")->run())->toBe(1);
})->with([
    'MariaDB' => ['mariadb', ['mariadbd', '--no-defaults', '--datadir={}/mariadb', '--socket=admin.sock']],
    'php-fpm' => ['fpm', ['php-fpm: master process ({}/run/fpm.conf)']],
    'nginx' => ['nginx', ['nginx: master process nginx -c {}/run/nginx.conf -e log']],
    'the worker' => ['worker', ['bash', 'underpin-worker', '{}']],
]);

it('neither trusts nor ends a process that has got the number of one of its servers', function (): void {
    $this->standIns[] = $stranger = standIn('somebody-else');
    foreach (['mariadb', 'fpm', 'nginx', 'worker'] as $server) {
        file_put_contents("{$this->stack}/run/{$server}.pid", $stranger->getPid());
    }
    $stop = ($this->inStack)('if stack_running; then echo running; fi; stack_down');
    $stop->mustRun();

    expect($stop->getOutput())->toBe('')
        ->and($stranger->isRunning())->toBeTrue()
        ->and(glob("{$this->stack}/run/*.pid"))->toBe([]);
});

it('takes no nonsense in a pid file for a process', function (string $content): void {
    file_put_contents("{$this->stack}/run/fpm.pid", $content);
    expect(($this->inStack)('alive fpm')->run())->toBe(1);
})->with(['', "\0\0\0\0", '-1', '1/../self', '999999999', "\n"]);

it('takes no process for that of a server which it does not know', function (): void {
    $this->standIns[] = $stranger = standIn('somebody-else');
    file_put_contents("{$this->stack}/run/other.pid", $stranger->getPid());
    $found = ($this->inStack)('alive other && echo alive; processes_of other || true; end_leftovers other || true');

    expect($found->mustRun()->getOutput())->toBe('')->and($stranger->isRunning())->toBeTrue();
});

it('ends what a killed master has left behind, and nothing of another installation', function (): void {
    $pool = 'underpin-'.substr(md5($this->stack), 0, 12);
    $this->standIns = [
        'mariadb' => standIn('mariadbd', "--datadir={$this->stack}/mariadb", '--port=1'),
        'fpm' => standIn("php-fpm: pool {$pool}"),
        'worker' => standIn('php', 'artisan', 'queue:work', "--name={$this->stack}", '--tries=5'),
        'other mariadb' => standIn('mariadbd', "--datadir={$this->stack}/mariadb-old", '--port=1'),
        'other fpm' => standIn('php-fpm: pool underpin-000000000000'),
        'other worker' => standIn('php', 'artisan', 'queue:work', "--name={$this->root}/storage/stack/apple"),
    ];
    $stop = ($this->inStack)('stack_down');
    $stop->mustRun();

    $running = array_keys(array_filter($this->standIns, fn (Process $process): bool => $process->isRunning()));
    expect($running)->toBe(['other mariadb', 'other fpm', 'other worker'])
        ->and($stop->getOutput())->toContain('left over: worker')->toContain('left over: fpm')->toContain('left over: mariadb');
});

it('knows the workers of nginx by the log they keep open', function (): void {
    File::ensureDirectoryExists("{$this->stack}/log");
    $open = 'exec 7>>"$1"; exec -a "nginx: worker process" bash -c "sleep 60; :"';
    foreach (['own' => "{$this->stack}/log/nginx.log", 'other' => "{$this->root}/nginx.log"] as $whose => $log) {
        $this->standIns[$whose] = new Process(['bash', '-c', $open, 'nginx', $log]);
        $this->standIns[$whose]->start();
    }
    usleep(300_000);
    ($this->inStack)('stack_down')->mustRun();

    expect($this->standIns['own']->isRunning())->toBeFalse()->and($this->standIns['other']->isRunning())->toBeTrue();
});

it('lets one start or stop at work at a time, and the next one in when it is done', function (): void {
    $book = "{$this->root}/book";
    $work = 'stack_lock; echo in >>"$ROOT/book"; sleep 1; echo out >>"$ROOT/book"; stack_unlock';
    $both = [($this->inStack)($work), ($this->inStack)($work)];
    array_map(fn (Process $process) => $process->start(), $both);
    array_map(fn (Process $process) => $process->wait(), $both);

    expect(file($book, FILE_IGNORE_NEW_LINES))->toBe(['in', 'out', 'in', 'out'])
        ->and($both[0]->getOutput().$both[1]->getOutput())->toContain('Another start or stop of this installation is at work');
});

it('lets the next one in when the one before was killed', function (): void {
    $killed = ($this->inStack)('stack_lock; echo in; exec sleep 60 9>&-');
    $killed->start();
    $killed->waitUntil(fn (string $kind, string $text): bool => str_contains($text, 'in'));
    $killed->signal(SIGKILL);
    $killed->wait();

    $next = ($this->inStack)('stack_lock; echo in');
    $next->mustRun();
    expect($next->getOutput())->toBe("in\n");
});

it('lets nobody else read what lies below storage', function (): void {
    File::ensureDirectoryExists("{$this->root}/storage/framework/views", 0755);
    file_put_contents("{$this->root}/storage/framework/views/one", 'secret');
    chmod("{$this->root}/storage/framework/views/one", 0644);
    ($this->inStack)('make_environment; echo new >"$STACK/log/new.log"')->mustRun();

    $all = ['storage', 'storage/framework/views', 'storage/framework/views/one', 'storage/stack/app/log/new.log', '.env'];
    foreach ($all as $path) {
        expect(fileperms("{$this->root}/$path") & 0077)->toBe(0);
    }
});

it('has its socket in a short folder that is its own', function (): void {
    $at = fn (string $root): string => ($this->inStack)(
        "ROOT='$root'; stack_select app; fpm_socket; printf %s \"\$FPM_SOCKET\"",
    )->mustRun()->getOutput();
    expect($at($this->root))->toBe("{$this->stack}/run/fpm.sock");

    $deep = "{$this->root}/".str_repeat('deep/', 20).'end';
    $socket = $at($deep);
    expect(strlen($socket))->toBeLessThanOrEqual(107)
        ->and(fileperms(dirname($socket)) & 0777)->toBe(0700)
        ->and($socket)->not->toBe($at("$deep/else"));
    rmdir(dirname($socket));
    symlink($this->root, dirname($socket));
    $refused = ($this->inStack)("ROOT='$deep'; stack_select app; fpm_socket");
    expect($refused->run())->not->toBe(0)->and($refused->getErrorOutput())->toContain('belongs to somebody else');
    unlink(dirname($socket));
    rmdir(dirname($at("$deep/else")));
});

/** A folder that looks like ours to whoever asks whether it can be read. */
function readableRoot(string $root, int $mode = 0755): void
{
    foreach (['app', 'bootstrap/cache', 'config', 'core', 'database', 'lang', 'public', 'resources', 'routes', 'vendor'] as $folder) {
        File::ensureDirectoryExists("$root/$folder", 0755);
    }
    foreach (['artisan', 'app/One.php', '.env', 'vendor/autoload.php'] as $file) {
        file_put_contents("$root/$file", '');
        chmod("$root/$file", 0644);
    }
    chmod("$root/vendor/autoload.php", 0600);
    foreach ([...glob("$root/*", GLOB_ONLYDIR), "$root/bootstrap/cache"] as $folder) {
        chmod($folder, 0755);
    }
    chmod($root, $mode);
}

it('has the servers run by two users that are not root, where these can enter the folder', function (): void {
    readableRoot($this->root);
    $asked = ($this->inStack)('hand_over_folders; echo "$APP_USER $DB_USER|$STAYS_ROOT"; "${AS_APP[@]}" id -un; "${AS_DB[@]}" id -un');
    $asked->mustRun();
    $me = posix_getpwuid(posix_geteuid())['name'];
    expect(trim($asked->getOutput()))->toBe($me === 'root' ? "www-data mysql|\nwww-data\nmysql" : "$me $me|\n$me\n$me");
    $owner = fn (string $path): string => posix_getpwuid(fileowner("{$this->root}/$path"))['name'];
    $app = $me === 'root' ? 'www-data' : $me;
    foreach (['storage/app', 'storage/framework', 'storage/logs', 'storage/stack/app/cache', 'storage/stack/app/views', '.env'] as $path) {
        expect($owner($path))->toBe($app, $path);
    }
    // Nobody but root can put a link where root writes.
    foreach (['storage', 'storage/stack', 'storage/stack/app', 'storage/stack/app/run', 'storage/stack/app/log'] as $path) {
        expect($owner($path))->toBe($me, $path)->and(fileperms("{$this->root}/$path") & 0067)->toBe(0, $path);
    }
});

it('says why the servers stay root where the two cannot enter, or cannot read', function (): void {
    readableRoot($this->root, 0700);
    $ask = fn (): string => trim(($this->inStack)('echo "$APP_USER|$STAYS_ROOT"')->mustRun()->getOutput());
    $me = posix_getpwuid(posix_geteuid())['name'];
    expect($ask())->toBe("$me|".($me === 'root' ? "the users www-data and mysql cannot enter {$this->root}" : ''));
    chmod($this->root, 0755);
    chmod("{$this->root}/app/One.php", 0600);
    expect($ask())->toBe("$me|".($me === 'root' ? 'the user www-data cannot read app/One.php' : ''));
});

it('asks for the first owner of an empty shop before it begins anything', function (): void {
    $start = new Process(['./underpin', 'start', '--empty', '--detach'], base_path(), null, "Only a shop\n");
    $start->run();
    expect($start->getExitCode())->not->toBe(0)
        ->and($start->getErrorOutput().$start->getOutput())
        ->toMatch('/asks for your shop and its first owner|there is a shop here already/');
});

<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** The web server that the browser tests run against, stopped and started as in a restart. */
final class Servers
{
    public static function stopWeb(): void
    {
        $pid = (int) trim((string) @file_get_contents(self::stack().'/run/nginx.pid'));
        if ($pid <= 0) {
            // A kill of 0 is one of ourselves.
            throw new RuntimeException('There is no web server in '.self::stack().'.');
        }
        posix_kill($pid, SIGTERM);
        for ($i = 0; $i < 100 && posix_kill($pid, 0); $i++) {
            usleep(50_000);
        }
    }

    public static function startWeb(): void
    {
        exec(
            'nginx -c '.escapeshellarg(self::stack().'/run/nginx.conf').' -e '.escapeshellarg(self::stack().'/log/nginx.log').' 2>&1',
            $said, $code,
        );
        if ($code !== 0) {
            throw new RuntimeException('The web server did not start again: '.implode(' ', $said));
        }
    }

    /** Kills what the worker of the queue is at, as a power cut would. Its watcher lives on. */
    public static function killWorker(): void
    {
        posix_kill(self::worker(), SIGKILL);
    }

    /** Holds the worker still. */
    public static function holdWorker(): void
    {
        posix_kill(self::worker(), SIGSTOP);
    }

    /** Lets a worker that is held go on for a moment. */
    public static function nudgeWorker(int $ms): void
    {
        posix_kill(self::worker(), SIGCONT);
        usleep(1000 * $ms);
        self::holdWorker();
    }

    private static function worker(): int
    {
        $watcher = (int) trim((string) file_get_contents(self::stack().'/run/worker.pid'));
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $stat) {
            if (preg_match('/^(\d+) \(php\S*\) \S (\d+) /', (string) @file_get_contents($stat), $found) === 1
                && (int) $found[2] === $watcher) {
                return (int) $found[1];
            }
        }
        throw new RuntimeException('There is no worker.');
    }

    /** Of which installation: a test that is run by hand asks the app itself. */
    public static function name(): string
    {
        $named = (string) getenv('UNDERPIN_STACK');

        return $named !== '' ? $named : (str_ends_with((string) getenv('UNDERPIN_URL'), ':8470') ? 'app' : 'testing');
    }

    private static function stack(): string
    {
        return dirname(__DIR__, 2).'/storage/stack/'.self::name();
    }
}

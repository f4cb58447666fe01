<?php

declare(strict_types=1);

namespace Tests\Support;

use Symfony\Component\Process\Process;

/** The functions of bin/, run on an installation. */
final class Stack
{
    /**
     * @param  string  $root  the folder of the project, or of a copy of it
     * @param  string  $name  app or testing
     */
    public static function commands(string $root, string $name, string $commands): Process
    {
        $script = "set -euo pipefail\nsource bin/say.sh; source bin/stack.sh; source bin/backup.sh\n"
            ."ROOT=\$1; stack_select \"\$2\"\n".$commands;
        // Where the tests keep their settings is nothing to those of the app.
        $environment = array_fill_keys([
            'APP_ENV', 'DB_DATABASE', 'DB_HOST', 'DB_PORT', 'DB_SOCKET', 'DB_PASSWORD', 'DB_USERNAME', 'APP_KEY',
            'APP_URL', 'CACHE_STORE', 'QUEUE_CONNECTION', 'MAIL_MAILER', 'SESSION_DRIVER', 'BCRYPT_ROUNDS',
        ], false);
        $process = new Process(['bash', '-c', $script, 'stack', $root, $name], $root, $environment);
        $process->setTimeout(120);

        return $process;
    }
}

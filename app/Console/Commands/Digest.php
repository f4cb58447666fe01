<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Digest as Taken;
use App\Backup\NotWhole;
use Illuminate\Console\Command;

/** What a backup is checked by: see bin/backup.sh. */
final class Digest extends Command
{
    protected $signature = 'underpin:digest {database : on the server of the app} {folder : where files and uploads lie}';

    protected $description = 'Print what is in a database and its files, as JSON, so that two can be compared';

    public function handle(): int
    {
        try {
            $digest = (new Taken($this->argument('database'), $this->argument('folder')))->take();
        } catch (NotWhole $missing) {
            fwrite(STDERR, $missing->getMessage()."\n");

            return 1;
        }
        fwrite(STDOUT, json_encode($digest, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n");

        return 0;
    }
}

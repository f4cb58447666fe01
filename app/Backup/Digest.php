<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PDO;

/**
 * What is in a database and its folder of files, told so shortly that two can be compared: for each job the
 * rows of each table (its parts, its history, its photos), for the rest each table, and every file by its hash.
 * Reads plain rows, so that it tells the same of a copy whatever the app made of it.
 */
final readonly class Digest
{
    private const SHARED = 'shared';

    private Connection $database;

    /**
     * @param  string  $database  name of the database, on the server of the app
     * @param  string  $folder  where files/ and uploads/ lie
     */
    public function __construct(string $database, private string $folder)
    {
        $settings = ['database' => $database] + (array) config('database.connections.mariadb');
        // Row by row: years of readings do not fit into memory.
        $settings['options'] = [PDO::MYSQL_ATTR_USE_BUFFERED_QUERY => false] + (array) ($settings['options'] ?? []);
        config(['database.connections.copy' => $settings]);
        DB::purge('copy');
        $this->database = DB::connection('copy');
    }

    /**
     * @return array{jobs: array<string, array<string, string>>, shared: array<string, string>, files: list<string>}
     *
     * @throws NotWhole when a file that is named is not there, or is not what its name says
     */
    public function take(): array
    {
        $tables = [];
        foreach (Schema::connection('copy')->getTableListing($this->database->getDatabaseName(), schemaQualified: false) as $table) {
            foreach ($this->rows($table) as $whose => $hashes) {
                sort($hashes);
                $tables[$whose][$table] = count($hashes).' '.hash('sha256', implode($hashes));
            }
        }
        $shared = $tables[self::SHARED] ?? [];
        unset($tables[self::SHARED]);
        ksort($tables, SORT_NATURAL);
        $this->checkUploads();

        return ['jobs' => $tables, 'shared' => $shared, 'files' => $this->files()];
    }

    /** @return array<string, list<string>> whose rows, and the hash of each */
    private function rows(string $table): array
    {
        $rows = [];
        foreach ($this->database->table($table)->cursor() as $row) {
            $fields = get_object_vars((object) $row);
            $job = $table === 'jobs' ? $fields['id'] : $fields['job_id'] ?? null;
            $whose = is_int($job) || is_string($job) ? "job $job" : self::SHARED;
            // Serialised: a figure as it is, and blobs too.
            $rows[$whose][] = hash('sha256', serialize($fields));
        }

        return $rows;
    }

    /** @return list<string> */
    private function files(): array
    {
        $named = [
            ...$this->database->table('photos')->pluck('hash'), ...$this->database->table('photos')->pluck('small_hash'),
            ...$this->database->table('interval_records')->pluck('hash'),
        ];
        $named = array_values(array_unique(array_filter($named, is_string(...))));
        sort($named);
        foreach ($named as $hash) {
            if (@hash_file('sha256', $this->folder.'/files/'.substr($hash, 0, 2)."/$hash") !== $hash) {
                throw new NotWhole("The file $hash is named by a job and is not there as it was.");
            }
        }

        return $named;
    }

    /** Work that waits wants the file that it is to read. */
    private function checkUploads(): void
    {
        foreach ($this->database->table('runs')->whereIn('state', ['waiting', 'running'])->pluck('input') as $input) {
            $fields = is_string($input) ? json_decode($input, true) : null;
            $path = is_array($fields) ? $fields['path'] ?? null : null;
            if (is_string($path) && ! is_file("{$this->folder}/$path")) {
                throw new NotWhole("The upload $path is waited for and is not there.");
            }
        }
    }
}

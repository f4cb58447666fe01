<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/** The demo shop in the database of a test: seeded once, and laid out again from its rows and files for every other test. */
final class DemoShop
{
    private const ROWS_AT_ONCE = 200;

    /** @var ?array<string, list<array<string, mixed>>> rows by table; null: it has not been seeded yet */
    private static ?array $rows = null;

    /** @var array<string, string> contents by path */
    private static array $files = [];

    /** @param  callable(): void  $seed */
    public static function lay(callable $seed): void
    {
        // Dates of the demo follow the clock, and what a test has made before must not become a part of it.
        if (now()->hasTestNow() || DB::table('users')->exists()) {
            $seed();
        } elseif (self::$rows === null) {
            $seed();
            self::remember();
        } else {
            self::again();
        }
    }

    private static function remember(): void
    {
        self::$rows = [];
        foreach (DB::select('SHOW TABLES') as $table) {
            $name = (string) current((array) $table);
            if ($name !== 'migrations') {
                self::$rows[$name] = array_map(fn (object $row): array => (array) $row, DB::table($name)->get()->all());
            }
        }
        foreach (Storage::disk('local')->allFiles() as $path) {
            self::$files[$path] = (string) Storage::disk('local')->get($path);
        }
    }

    private static function again(): void
    {
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        foreach (self::$rows ?? [] as $table => $rows) {
            foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $some) {
                DB::table($table)->insert($some);
            }
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
        foreach (self::$files as $path => $contents) {
            if (! Storage::disk('local')->exists($path)) {
                Storage::disk('local')->put($path, $contents);
            }
        }
    }
}

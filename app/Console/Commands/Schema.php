<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underpin\Exchange\JobFile;

/** Writes the published schema of a job file from the form that reads it. */
final class Schema extends Command
{
    protected $signature = 'underpin:schema';

    protected $description = 'Write docs/job-file.schema.json from the core\'s own form';

    public function handle(): int
    {
        file_put_contents(base_path('docs/job-file.schema.json'), self::text());

        return 0;
    }

    public static function text(): string
    {
        $schema = [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema', 'title' => 'Underpin job file',
            ...JobFile::standard()->form()->schema(),
        ];

        return json_encode($schema, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underpin\Csv\CsvText;
use Underpin\Exchange\Schedule\Sheet\SheetReader;
use Underpin\Refused;

/** What the page makes of a panel schedule, from the command line: no database is asked. */
final class Schedule extends Command
{
    protected $signature = 'underpin:schedule {file : a panel schedule, CSV, TSV or text} {--pretty : with line breaks}';

    protected $description = 'Read a panel schedule and print it as JSON';

    public function handle(): int
    {
        try {
            $reading = SheetReader::read($this->bytes($this->argument('file')));
        } catch (Refused $refused) {
            $this->print(['error' => ['field' => '', 'message' => $refused->getMessage()]]);

            return 2;
        }
        $this->print($reading->toArray());

        return $reading->faults === [] ? 0 : 1;
    }

    /** @throws Refused when it cannot be read */
    private function bytes(string $file): string
    {
        if (! is_file($file) || ! is_readable($file)) {
            throw new Refused('file', "File: $file cannot be read.");
        }

        return (string) file_get_contents($file, length: CsvText::MOST_BYTES + 1);
    }

    /** @param  array<string, mixed>  $object */
    private function print(array $object): void
    {
        ini_set('serialize_precision', '-1');
        fwrite(STDOUT, json_encode(
            $object,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE
                | ($this->option('pretty') ? JSON_PRETTY_PRINT : 0),
        )."\n");
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underpin\Exchange\JobFile;
use Underpin\Exchange\JobFileFaults;
use Underpin\Exchange\JobReport;
use Underpin\Refused;

/** Everything that the core says of a job file, without a database. */
final class Review extends Command
{
    protected $signature = 'underpin:review {file : a job file in JSON}';

    protected $description = 'Print what the core says of a job file, as JSON';

    public function handle(): int
    {
        $path = $this->argument('file');
        $json = is_file($path) && is_readable($path) ? (string) file_get_contents($path) : null;
        if ($json === null) {
            return $this->refuse([new Refused('', 'There is no readable file at this path.')]);
        }
        try {
            $report = JobReport::of(JobFile::standard()->decode($json));
        } catch (JobFileFaults $faults) {
            return $this->refuse($faults->faults);
        }
        fwrite(STDOUT, $this->json($report));

        return 0;
    }

    /** @param  non-empty-list<Refused>  $faults */
    private function refuse(array $faults): int
    {
        $errors = array_map(fn (Refused $f): array => ['field' => $f->field, 'path' => $f->field, 'message' => $f->getMessage()], $faults);
        fwrite(
            STDOUT, $this->json(['error' => ['field' => $faults[0]->field, 'message' => $faults[0]->getMessage()], 'errors' => $errors]),
        );

        return 2;
    }

    /** @param  array<string, mixed>  $data */
    private function json(array $data): string
    {
        ini_set('serialize_precision', '-1');

        return json_encode(
            $data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        )."\n";
    }
}

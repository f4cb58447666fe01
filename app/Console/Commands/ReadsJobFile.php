<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Underpin\Exchange\JobFile;
use Underpin\Exchange\JobFileFaults;
use Underpin\Job\Job;
use Underpin\Refused;

/** A command that reads a job file and answers on standard output, without a database. */
trait ReadsJobFile
{
    /** Null: it was refused, and that has been said. */
    private function job(): ?Job
    {
        $path = $this->argument('file');
        $json = is_file($path) && is_readable($path) ? (string) file_get_contents($path) : null;
        if ($json === null) {
            return $this->refuse(
                [new Refused('', "There is no readable file at \"{$this->argument('file')}\"; a job file in JSON would be taken.")],
            );
        }
        try {
            return JobFile::standard()->decode($json);
        } catch (JobFileFaults $faults) {
            return $this->refuse($faults->faults);
        }
    }

    /** @param  non-empty-list<Refused>  $faults */
    private function refuse(array $faults): null
    {
        $errors = array_map(fn (Refused $f): array => ['field' => $f->field, 'path' => $f->field, 'message' => $f->getMessage()], $faults);
        $this->say(['error' => ['field' => $faults[0]->field, 'message' => $faults[0]->getMessage()], 'errors' => $errors]);

        return null;
    }

    /** @param  array<array-key, mixed>  $data */
    private function say(array $data): void
    {
        ini_set('serialize_precision', '-1');
        fwrite(STDOUT, json_encode(
            $data, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        )."\n");
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underpin\Exchange\JobReport;

/** Everything that the core says of a job file, without a database. */
final class Review extends Command
{
    use ReadsJobFile;

    protected $signature = 'underpin:review {file : a job file in JSON}';

    protected $description = 'Print what the core says of a job file, as JSON';

    public function handle(): int
    {
        $job = $this->job();
        if ($job === null) {
            return 2;
        }
        $this->say(JobReport::of($job));

        return 0;
    }
}

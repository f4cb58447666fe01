<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underpin\Design\Design;
use Underpin\Pricing\Parts\PartLine;
use Underpin\Pricing\Parts\PartsList;

/** What must be ordered for a job file, without a database. */
final class Parts extends Command
{
    use ReadsJobFile;

    protected $signature = 'underpin:parts {file : a job file in JSON}';

    protected $description = 'Print the parts that follow from a job file, and what must be measured first, as JSON';

    public function handle(): int
    {
        $job = $this->job();
        if ($job === null) {
            return 2;
        }
        $parts = PartsList::of(new Design($job));
        $this->say(['lines' => array_map(fn (PartLine $line): array => [
            'kind' => $line->kind->value, 'part' => $line->part, 'quantity' => $line->quantity, 'unit' => $line->unit,
            'because' => implode('; ', $line->because),
        ], $parts->lines), 'missing' => $parts->missing]);

        return 0;
    }
}

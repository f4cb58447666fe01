<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Console\Command;

/** What a bench says: a line for each figure, and whether it is kept. */
final readonly class Report
{
    public function __construct(private Command $command)
    {
    }

    public function line(string $words): void
    {
        $this->command->line($words);
    }

    public function kept(string $what, float $value, float $limit, string $format): bool
    {
        $this->line(sprintf("%s: $format (at most $format) %s", $what, $value, $limit, $value <= $limit ? 'kept' : 'NOT KEPT'));

        return $value <= $limit;
    }
}

<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\Measures\Measures;
use App\Bench\Report;
use Illuminate\Console\Command;
use Underpin\Say;

/** Measures what docs/performance.md records. Run it with ./underpin bench, which serves the app. */
final class Bench extends Command
{
    protected $signature = 'underpin:bench {what? : one of what is measured; all that need no browser without}';

    protected $description = 'Measure against the figures in docs/performance.md';

    public function handle(): int
    {
        $what = $this->argument('what');
        $all = Measures::all();
        if (is_string($what) && ! isset($all[$what])) {
            $this->error('What is measured must be one of '.Say::list(array_keys($all), count($all))."; \"$what\" was given.");

            return 2;
        }
        $report = new Report($this);
        $good = true;
        foreach (is_string($what) ? [$all[$what]] : Measures::usual() as $measure) {
            $good = $measure->measure($report) && $good;
        }

        return $good ? 0 : 1;
    }
}

<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\Report;

/** One of the things that `./underpin bench` measures: a new one is one class more, and its place in Measures. */
interface Measure
{
    /** What it is called at the command line. */
    public function key(): string;

    /** Measures, says what it found, and whether it is kept. */
    public function measure(Report $report): bool;
}

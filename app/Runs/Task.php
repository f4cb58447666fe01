<?php

declare(strict_types=1);

namespace App\Runs;

use App\Models\Run;
use Underpin\Refused;

/** One kind of long work. It may be killed at any moment and begun anew: what it keeps, it keeps at its end, at once. */
interface Task
{
    /** Its word in the table of runs. */
    public function key(): string;

    /**
     * The parts of a job file that what comes of it rests on: when one of them changes, it is stale.
     *
     * @return list<string>
     */
    public function reads(): array;

    /**
     * @return string what came of it
     *
     * @throws Refused when what it was given cannot be used; nothing is kept then
     * @throws RunStopped when somebody asked it to stop
     */
    public function run(Run $run, RunProgress $progress): string;

    /** Where what came of it is to be seen. */
    public function page(Run $run): string;

    /** Takes away what only the run needed. */
    public function tidy(Run $run): void;
}

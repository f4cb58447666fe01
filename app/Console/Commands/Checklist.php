<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underpin\Checklist\ChecklistStep;
use Underpin\Design\Design;
use Underpin\Install\InstallList;
use Underpin\Prove\ProveList;

/** The steps of the work that follow from a job file, without a database. */
final class Checklist extends Command
{
    use ReadsJobFile;

    protected $signature = 'underpin:checklist {file : a job file in JSON}';

    protected $description = 'Print the steps of installing and proving that follow from a job file, in working order, as JSON';

    public function handle(): int
    {
        $job = $this->job();
        if ($job === null) {
            return 2;
        }
        $design = new Design($job);
        $edition = $job->authority->rules->edition;
        $this->say(['steps' => array_map(fn (ChecklistStep $step): array => [
            'key' => $step->key, 'stage' => $step->stage->value, 'kind' => $step->kind->value, 'text' => $step->text, 'why' => $step->why,
            'source' => $step->source->words($edition), 'reading' => $step->reading === null ? null : [
                'unit' => $step->reading->unit->value, 'low' => $step->reading->range?->low, 'high' => $step->reading->range?->high,
            ],
        ], [...InstallList::of($design), ...ProveList::of($design)])]);

        return 0;
    }
}

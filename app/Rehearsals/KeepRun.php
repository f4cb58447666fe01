<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Str;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Work\DryRun;
use Underpin\Refused;

/** A rehearsal that came to its end is kept with name, day, minutes and mistakes. */
final class KeepRun
{
    private const MOST_NAME = 100;

    /** Runs of one day by one name: more are not kept. */
    private const MOST_A_DAY = 20;

    /** @throws Refused on "who" without a name, on "handle" before the end */
    public static function of(Job $row, User $by, Played $played, string $who): DryRun
    {
        $who = trim(mb_substr($who, 0, self::MOST_NAME));
        if ($who === '') {
            throw new Refused('who', 'Name: whoever did it; nothing was given.');
        }
        if (! $played->state->isOver) {
            throw new Refused('handle', 'It is not at its end: everything on the utility again, and the machine at rest.');
        }
        $run = new DryRun(
            Str::lower(Str::random(10)), now()->toDateString(), $who, round(max(1, $played->state->s) / 60, 1),
            $played->state->mistakes(), '', true,
        );
        JobEditor::change($row, $by, "Rehearsal of $who", function (JobFile $file) use ($run): JobFile {
            $alike = array_filter($file->work->dryRuns, fn (DryRun $r): bool => $r->on === $run->on && $r->onScreen);
            if (count($alike) >= self::MOST_A_DAY) {
                throw new Refused('who', 'Not kept: '.self::MOST_A_DAY.' rehearsals of today are there already.');
            }

            return $file->with($file->work->with(dryRuns: [...$file->work->dryRuns, $run]));
        });

        return $run;
    }
}

<?php

declare(strict_types=1);

namespace App\Photos;

use App\Files\NotKept;
use App\Models\Run;
use App\Runs\RunProgress;
use App\Runs\Task;
use Illuminate\Support\Facades\Storage;
use Underpin\Refused;
use Underpin\StageKey;

/** Makes a large picture that was sent smaller and keeps it. Input: where it lies, what it is called, what it shows. */
final class KeepPhoto implements Task
{
    public function key(): string
    {
        return 'photo';
    }

    /** It rests on the file alone. */
    public function reads(): array
    {
        return [];
    }

    public function run(Run $run, RunProgress $progress): string
    {
        $disk = Storage::disk('local');
        $name = $run->input['name'];
        if (! $disk->exists($run->input['path'])) {
            throw new Refused('photos', "$name: not added, the file is not here any more. Choose it again.");
        }
        $progress->tell("Making $name smaller", null);
        try {
            JobPhotos::keep(
                $run->onJob(), $run->byUser(), PhotoOf::from($run->input['of']), $run->input['of_key'],
                $name, Picture::read($disk->path($run->input['path']), $name),
            );
        } catch (NotKept $fault) {
            throw new Refused('photos', "$name: not added, {$fault->getMessage()}. Try again when there is room.");
        }

        return "$name added";
    }

    public function page(Run $run): string
    {
        $of = PhotoOf::from($run->input['of']);

        return route('jobs.stage', [
            $run->job_id, match ($of) {
                PhotoOf::Stage => $run->input['of_key'],
                PhotoOf::Step => StageKey::Install->value,
                PhotoOf::Panel, PhotoOf::Circuit => StageKey::Survey->value,
            },
            ...$of === PhotoOf::Circuit ? ['at' => $run->input['of_key']] : [],
        ]);
    }

    public function tidy(Run $run): void
    {
        Storage::disk('local')->delete($run->input['path']);
    }
}

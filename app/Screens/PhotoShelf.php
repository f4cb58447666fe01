<?php

declare(strict_types=1);

namespace App\Screens;

use App\Models\Job;
use App\Models\Photo;
use App\Models\Run;
use App\Photos\PhotoOf;
use App\Runs\RunState;

/** The photos of one stage, panel or circuit. */
final readonly class PhotoShelf
{
    /**
     * @param  list<Photo>  $photos
     * @param  list<Run>  $waiting  large ones that are not kept yet, or could not be
     */
    private function __construct(public PhotoOf $of, public string $key, public array $photos, public array $waiting)
    {
    }

    public static function of(Job $job, PhotoOf $of, string $key): self
    {
        // One question for all shelves of a page: every panel on it has one.
        return new self(
            $of, $key,
            array_values(
                $job->photos->sortBy('id')->filter(fn (Photo $photo): bool => $photo->of === $of->value && $photo->of_key === $key)->all()
            ),
            array_values($job->photoRuns->filter(
                fn (Run $run): bool => $run->input['of'] === $of->value && $run->input['of_key'] === $key && $run->state !== RunState::Done,
            )->all()),
        );
    }

    public function id(): string
    {
        return "part-photos-{$this->of->value}-$this->key";
    }
}

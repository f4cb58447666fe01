<?php

declare(strict_types=1);

namespace App\Screens;

use App\Models\Job;
use App\Models\Photo;
use App\Photos\PhotoOf;

/** The photos of one stage, panel or circuit. */
final readonly class PhotoShelf
{
    /** @param  list<Photo>  $photos */
    private function __construct(public PhotoOf $of, public string $key, public array $photos)
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
        );
    }

    public function id(): string
    {
        return "part-photos-{$this->of->value}-$this->key";
    }
}

<?php

declare(strict_types=1);

namespace App\Photos;

use App\Files\FileStore;
use App\Files\NotKept;
use App\JobFile\JobEditor;
use App\JobFile\JobState;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Str;
use Underpin\Refused;

/** The photos of a job, kept with their history. */
final class JobPhotos
{
    public const MOST = 500;

    /**
     * The files come first, and get to the disk: a row never points at nothing.
     *
     * @param  string  $name  of the file, as the person knows it
     *
     * @throws NotKept when it did not get to the disk
     * @throws Refused when the job has as many as it may have
     */
    public static function keep(Job $job, User $user, PhotoOf $of, string $ofKey, string $name, Picture $picture): void
    {
        self::guardRoom($job, $name);
        $jpeg = $picture->jpeg();
        $photo = [
            'id' => Str::lower(Str::random(10)), 'of' => $of->value, 'of_key' => $ofKey, 'name' => $name,
            'width' => $picture->width(), 'height' => $picture->height(), 'bytes' => strlen($jpeg),
            'hash' => FileStore::put($jpeg), 'small_hash' => FileStore::put($picture->thumbnail()),
            'added_at' => now()->format('Y-m-d H:i:s'),
        ];
        JobEditor::attach(
            $job, $user, "Photo $name",
            fn (JobState $state): JobState => $state->withAttachments($state->attachments->withPhoto($photo)),
        );
    }

    /** @throws Refused */
    public static function guardRoom(Job $job, string $name): void
    {
        if ($job->photos()->count() >= self::MOST) {
            throw new Refused('photos', sprintf('%s: not added, a job may have at most %d photos.', $name, self::MOST));
        }
    }
}

<?php

declare(strict_types=1);

namespace App\Recordings;

use App\JobFile\JobEditor;
use App\JobFile\JobState;
use App\Models\Job;
use App\Models\Recording;
use App\Models\User;
use Illuminate\Support\Str;
use Underpin\Refused;

/** A recording begins: by the recorder, or with the readings of a file. */
final readonly class NewRecording
{
    private const MOST = 200;

    /** @throws Refused when the job has as many as it may have */
    public static function of(Job $job, User $user, string $name, int $inletAmps, float $bufferAmps, bool $ended): Recording
    {
        if ($job->recordings()->count() >= self::MOST) {
            throw new Refused('name', sprintf('A job may have at most %d recordings.', self::MOST));
        }
        $key = Str::lower(Str::random(10));
        $new = [
            'id' => $key, 'name' => $name, 'began_ms' => (int) (microtime(true) * 1000), 'ended' => $ended, 'buffer_a' => $bufferAmps,
            'inlet_a' => $inletAmps,
        ];
        JobEditor::attach(
            $job, $user, "$name: recording",
            fn (JobState $state): JobState => $state->withAttachments($state->attachments->withRecording($new)),
        );

        return $job->recordings()->where('key', $key)->sole();
    }
}

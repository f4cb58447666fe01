<?php

declare(strict_types=1);

namespace App\Keep;

use App\Models\Job;
use App\Models\Reminder;
use App\Notifications\SendReminder;
use Illuminate\Support\Str;
use Underpin\Job\Job as JobFile;

/** Mail to the customer of a job: queued, each thing once, and never after it was stopped. */
final class Mails
{
    /** @return bool it goes out; false: it went before, was stopped, or there is no address */
    public static function about(Job $job, JobFile $file, string $key, string $on, string $title, string $why): bool
    {
        if ($file->customer->email === '' || $job->mails_stopped) {
            return false;
        }
        $fresh = Reminder::query()->insertOrIgnore(['job_id' => $job->id, 'key' => $key, 'due_on' => $on, 'created_at' => now()]);
        if ($fresh === 0) {
            return false;
        }
        if ($job->mail_key === null) {
            // The board is in the order of what people changed: a mail is none of that.
            Job::withoutTimestamps(fn (): bool => $job->forceFill(['mail_key' => Str::random(40)])->saveQuietly());
        }
        dispatch(new SendReminder($job->id, $title, $on, $why));

        return true;
    }
}

<?php

declare(strict_types=1);

namespace App\Devices;

use App\JobFile\JobEditor;
use App\Keep\Mails;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Str;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Log\Log;
use Underpin\Job\Log\LogEntry;
use Underpin\Job\Log\LogKind;

/** What the controller of a machine reports by itself goes into the log, and as mail to whoever asked for it. */
final class ControllerReport
{
    public const BY = 'controller';

    public static function take(Job $job, User $for, LogKind $kind, ?float $hours, string $note): void
    {
        $entry = new LogEntry(Str::lower(Str::random(10)), now()->toDateString(), $kind, $hours, note: $note, by: self::BY);
        $edited = JobEditor::change($job, $for, "Controller: {$kind->words()}", fn (JobFile $file): JobFile => $file->with(
            new Log([...$file->log->entries, $entry], $file->log->services),
        ));
        Mails::about($edited->row, $edited->job, "report-$entry->id", $entry->on, ucfirst($kind->words()), $note);
    }
}

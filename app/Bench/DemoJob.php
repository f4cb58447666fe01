<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobFile\EditedJob;
use App\JobFile\JobEditor;
use App\Models\Job;

/** The largest job of the demo shop, whatever else was laid out to be measured. */
final class DemoJob
{
    public static function row(): Job
    {
        return Job::query()->where('name', 'Lake Ansgar lodge')->firstOrFail();
    }

    public static function open(): EditedJob
    {
        return JobEditor::open(self::row());
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Price;

use App\Documents\CalendarFile;
use App\Documents\JobCalendar;
use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Shop\ShopPrices;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/** The dates of a job for a calendar. */
final class CalendarController extends Controller
{
    public function __invoke(Job $job): Response
    {
        $file = JobEditor::open($job)->job;
        $today = Carbon::now()->toDateString();

        return response(CalendarFile::of(JobCalendar::dates($file, ShopPrices::book($job->shop), $today), $file->name,
            "job $job->id", $today), 200, [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="'.(Str::slug($job->name) ?: 'job').'-dates.ics"',
            ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Access\CalendarFeed;
use App\Documents\CalendarFile;
use App\Documents\JobCalendar;
use App\Http\Controllers\Controller;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Shop\ShopPrices;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** The dates of all jobs of a shop, for a calendar that asks by itself. */
final class FeedController extends Controller
{
    /** Jobs at a time; those that were changed last come first. */
    private const MOST_JOBS = 200;

    public function show(string $token): Response
    {
        $user = CalendarFeed::of($token) ?? abort(404);
        $book = ShopPrices::book($user->shop);
        $today = now()->toDateString();
        $jobs = Job::query()->where('shop_id', $user->shop_id)->where(fn ($query) => $query->whereJsonLength('agreed', '>',
            0)->orWhereNotNull('next_due'))
            ->orderByDesc('updated_at')
            ->limit(self::MOST_JOBS)->get();
        $dated = array_values($jobs->map(
            fn (Job $job): array => [JobCalendar::dates(JobRows::read($job), $book, $today), $job->name, "job $job->id"],
        )->all());

        return response(CalendarFile::ofJobs($dated, $today), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=900', 'Referrer-Policy' => 'no-referrer',
        ]);
    }

    public function renew(): RedirectResponse
    {
        return redirect()->route('account')->with('feed', CalendarFeed::renew($this->user()))->with('status',
            'The feed has a new address.');
    }

    public function end(): RedirectResponse
    {
        CalendarFeed::end($this->user());

        return redirect()->route('account')->with('status', 'The feed is ended: its address opens nothing any more.');
    }
}

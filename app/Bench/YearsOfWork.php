<?php

declare(strict_types=1);

namespace App\Bench;

use App\JobFile\BoardFilter;
use App\JobFile\JobEditor;
use App\Models\Job as JobRow;
use App\Models\Shop;
use App\Models\User;
use App\Screens\JobScreen;
use App\Screens\Pages\PartHtml;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\ViewErrorBag;
use Underpin\Design\Design;
use Underpin\Install\InstallList;
use Underpin\Job\Job;
use Underpin\Job\Log\Log;
use Underpin\Job\Log\LogEntry;
use Underpin\Job\Log\LogKind;
use Underpin\Prove\ProveList;
use Underpin\Rehearsal\Handle;
use Underpin\Rehearsal\House;
use Underpin\Rehearsal\Rehearsal;
use Underpin\StageKey;

/** The work and the years after, at the size that a shop has after ten of them. What is made for it is taken back. */
final class YearsOfWork
{
    private const WEEKS = 520;

    private const HANDLES = 120;

    private const JOBS = 10_000;

    /** The steps of installing and proving. */
    public static function lists(Job $job): int
    {
        $design = new Design($job);

        return count(InstallList::of($design)) + count(ProveList::of($design));
    }

    /** One handle after many: all of it is played again, and the stage is made. */
    public static function handle(Job $job): int
    {
        $house = House::of(new Design($job));
        if ($house === null) {
            return 0;
        }
        $ids = array_map(fn ($circuit): string => $circuit->id, array_values($house->circuits));
        $handles = [Handle::read('1 main')];
        for ($i = 1; $i < self::HANDLES; $i++) {
            $handles[] = Handle::read('1 circuit '.$ids[$i % count($ids)]);
        }

        return count((new Rehearsal($house))->after($handles)->happenings);
    }

    /** @return Times of the page of a weekly log of ten years */
    public static function tenYears(JobRow $row, User $user, int $times): Times
    {
        $all = new Times;
        // Within a request the framework does this.
        view()->share('errors', new ViewErrorBag);
        DB::beginTransaction();
        try {
            $entries = array_map(fn (int $week): LogEntry => new LogEntry(
                "w$week", Carbon::now()->subWeeks($week)->toDateString(), LogKind::Exercise, (self::WEEKS - $week) * 0.2, 13.4,
                by: 'controller',
            ), range(1, self::WEEKS));
            JobEditor::change($row, $user, 'Ten years', fn (Job $file): Job => $file->with(new Log($entries, $file->log->services)));
            for ($i = 0; $i < $times; $i++) {
                $all->measure(fn (): int => strlen(PartHtml::of('parts.main', JobScreen::open($row->refresh(), StageKey::Keep))->html));
            }
        } finally {
            DB::rollBack();
        }

        return $all;
    }

    /** @return Times of the board's questions among very many jobs */
    public static function board(Shop $shop, int $times): Times
    {
        $all = new Times;
        $like = (array) DB::table('jobs')->where('shop_id', $shop->id)->first();
        DB::beginTransaction();
        try {
            $rows = [];
            for ($i = 0; $i < self::JOBS; $i++) {
                $rows[] = [
                    ...array_diff_key($like, ['id' => 0]), 'name' => "Job $i", 'mail_key' => null,
                    'next_due' => Carbon::now()->addDays($i % 400 - 60)->toDateString(), 'waits_for' => $i % 9 === 0 ? "somebody $i" : null,
                ];
                if (count($rows) === 500) {
                    DB::table('jobs')->insert($rows);
                    $rows = [];
                }
            }
            for ($i = 0; $i < $times; $i++) {
                $all->measure(function () use ($shop): int {
                    $today = Carbon::now()->toDateString();
                    $jobs = JobRow::query()->where('shop_id', $shop->id);
                    BoardFilter::Overdue->on($jobs, $today);
                    BoardFilter::Overdue->sort($jobs);

                    return count(BoardFilter::counts($shop->id, $today)) + count($jobs->paginate(30)->items());
                });
            }
        } finally {
            DB::rollBack();
        }

        return $all;
    }
}

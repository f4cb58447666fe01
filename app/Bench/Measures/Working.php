<?php

declare(strict_types=1);

namespace App\Bench\Measures;

use App\Bench\DemoJob;
use App\Bench\Report;
use App\Bench\Times;
use App\Bench\YearsOfWork;
use App\JobFile\JobEditor;
use App\Models\Job as JobRow;
use App\Models\User;

/** The lists of the largest demo job, a handle of its rehearsal, ten years of weekly log, and a board of 10,000 jobs. */
final class Working implements Measure
{
    public function key(): string
    {
        return 'work';
    }

    public function measure(Report $report): bool
    {
        $row = JobRow::query()->where('name', 'Kestrel Gap goat dairy')->firstOrFail();
        $job = JobEditor::open($row)->job;
        $lodge = DemoJob::row();
        $user = User::query()->where('shop_id', $row->shop_id)->orderBy('id')->firstOrFail();
        [$lists, $handle] = [new Times, new Times];
        for ($i = 0; $i < 20; $i++) {
            $lists->measure(fn (): int => YearsOfWork::lists($job));
            $handle->measure(fn (): int => YearsOfWork::handle($job));
        }
        $good = $report->kept('the steps of installing and proving the dairy, ms', $lists->median(), 100, '%.1f');
        $good = $report->kept('a handle after 119 others, ms', $handle->share(1.0), 100, '%.1f') && $good;
        $good = $report->kept('the page of ten years of weekly log, ms', YearsOfWork::tenYears($lodge, $user, 5)->median(), 300, '%.0f')
            && $good;

        return $report->kept('the board of 10,000 jobs, its counts and a page, ms', YearsOfWork::board($row->shop, 5)->median(), 300,
            '%.0f') && $good;
    }
}

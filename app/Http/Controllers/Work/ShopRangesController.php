<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Http\Controllers\Controller;
use App\Http\Controllers\SavesChoices;
use App\Models\Job;
use App\Shop\ShopRanges;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
use Underpin\StageKey;

/** A job that was begun before takes the ranges that the shop has now; what stands on a label stays. */
final class ShopRangesController extends Controller
{
    use SavesChoices;

    public function __invoke(Request $request, Job $job): Response|RedirectResponse
    {
        return $this->save(
            $request, $job, 'Ranges as the shop has them',
            fn (JobFile $file, Job $row): JobFile => $file->with(
                $file->work->with(ranges: ShopRanges::takenBy($file->work, $row->shop)),
            ),
        );
    }

    private function stage(): StageKey
    {
        return StageKey::Prove;
    }
}

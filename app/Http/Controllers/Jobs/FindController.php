<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Controllers\Controller;
use App\Models\Circuit;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Underpin\Stages\Stage;
use Underpin\Stages\Stages;

/** Find anything: jobs of the shop, and stages and circuits of the job that is open. */
final class FindController extends Controller
{
    private const MOST = 8;

    public function __invoke(Request $request): View
    {
        $text = trim(mb_substr($request->string('q')->toString(), 0, 60));
        $like = '%'.addcslashes($text, '%_\\').'%';
        $shopId = $this->user()->shop_id;
        $open = Job::query()->where('shop_id', $shopId)->find($request->integer('job'));

        return view('parts.found', [
            'text' => $text,
            'open' => $open,
            'stages' => $open === null
                ? []
                : array_filter(
                    Stages::standard()->all(),
                    fn (Stage $stage): bool => str_contains(mb_strtolower($stage->title()), mb_strtolower($text)),
                ),
            'circuits' => $open === null ? [] : Circuit::query()->where('job_id', $open->id)
                ->where(fn ($query) => $query->where('name', 'like', $like)->orWhere('space', $text))
                ->orderBy('space')
                ->limit(self::MOST)
                ->get(),
            'jobs' => Job::query()->where('shop_id', $shopId)
                ->where(fn ($query) => $query->where('name', 'like', $like)->orWhere('customer_name', 'like', $like))
                ->orderByDesc('updated_at')
                ->limit(self::MOST)
                ->get(),
        ]);
    }
}

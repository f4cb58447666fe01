<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Models\Job;
use App\Models\LibraryLoad;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Typical loads by a few letters, to put on a circuit. */
final class LibraryController extends Controller
{
    private const MOST = 8;

    public function __invoke(Request $request, Job $job): View
    {
        abort_if($request->string('circuit')->isEmpty(), 404);
        $loads = LibraryLoad::query()->where('shop_id', $this->user()->shop_id)->orderBy('name')->limit(self::MOST);
        foreach (array_filter(explode(' ', mb_substr($request->string('q')->toString(), 0, 60))) as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $loads->where(fn ($query) => $query->where('name', 'like', $like)->orWhere('kind', 'like', $like));
        }

        return view('loads.library', ['loads' => $loads->get(), 'job' => $job, 'circuit' => $request->string('circuit')->toString()]);
    }
}

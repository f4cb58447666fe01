<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Shop\ShopLibrary;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Typical loads by a few letters, to put on a circuit. */
final class LibraryController extends Controller
{
    private const MOST = 8;

    public function __invoke(Request $request, Job $job): View
    {
        $key = $request->string('circuit')->toString();
        $circuit = JobRows::read($job)->panelWith($key)?->circuit($key) ?? abort(404);
        $typed = mb_substr($request->string('q')->toString(), 0, 60);

        $loads = ShopLibrary::of($this->user()->shop_id)->find($typed, $circuit->leg()->volts(), self::MOST);

        return view('loads.library', ['loads' => $loads, 'job' => $job, 'circuit' => $key]);
    }
}

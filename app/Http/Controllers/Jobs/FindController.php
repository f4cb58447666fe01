<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Find\Finder;
use App\Http\Controllers\Controller;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Find anything: jobs, stages, breakers, loads, what can be done, sections of the code, help. */
final class FindController extends Controller
{
    public function __invoke(Request $request): View
    {
        $text = trim(mb_substr($request->string('q')->toString(), 0, 60));
        $open = Job::query()->where('shop_id', $this->user()->shop_id)->find($request->integer('job'));

        return view('parts.found', ['text' => $text, 'found' => Finder::find($text, $this->user(), $open)]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Run;

use App\Http\Controllers\Controller;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Models\RehearsalLink;
use App\Models\User;
use App\Rehearsals\KeepRun;
use App\Rehearsals\Played;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Somebody of the house rehearses by link: this house, its breakers and its machine; nothing of the customer beyond. */
final class RehearseController extends Controller
{
    public function show(Request $request, string $token): View
    {
        return view('rehearsal.page', [
            'played' => Played::of(JobRows::read($this->job($token)), $request), 'throw' => route('rehearse.throw', $token),
            'finish' => route('rehearse.finish', $token), 'home' => null,
        ]);
    }

    public function throw(Request $request, string $token): Response
    {
        return response(view('rehearsal.stage', ['played' => Played::of(JobRows::read($this->job($token)), $request)])->render());
    }

    public function finish(Request $request, string $token): Response
    {
        $link = RehearsalLink::of($token) ?? abort(404);
        $job = $this->job($token);
        // Whoever made the link answers for what comes by it.
        $by = $link->user instanceof User ? $link->user : abort(404);
        $run = KeepRun::of($job, $by, Played::of(JobRows::read($job), $request), $request->string('who')->toString());

        return response(view('rehearsal.kept', ['run' => $run])->render());
    }

    private function job(string $token): Job
    {
        $job = RehearsalLink::of($token)?->job;

        return $job instanceof Job ? $job : abort(404);
    }
}

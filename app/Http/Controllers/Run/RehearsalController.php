<?php

declare(strict_types=1);

namespace App\Http\Controllers\Run;

use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\RehearsalLink;
use App\Rehearsals\KeepRun;
use App\Rehearsals\Played;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Refused;
use Underpin\StageKey;

/** The rehearsal of a job, for people of the shop, and the link by which the house rehearses. */
final class RehearsalController extends Controller
{
    public function show(Request $request, Job $job): View|RedirectResponse
    {
        try {
            $played = Played::of(JobEditor::open($job)->job, $request);
        } catch (Refused $refused) {
            return redirect()->route('jobs.stage', [$job->id, StageKey::Run->value])->with('status', $refused->getMessage());
        }

        return view('rehearsal.page', [
            'played' => $played, 'throw' => route('jobs.rehearsal.throw', $job->id), 'finish' => route('jobs.rehearsal.finish', $job->id),
            'home' => route('jobs.stage', [$job->id, StageKey::Run->value]),
        ]);
    }

    public function throw(Request $request, Job $job): Response
    {
        return response(view('rehearsal.stage', ['played' => Played::of(JobEditor::open($job)->job, $request)])->render());
    }

    public function finish(Request $request, Job $job): Response
    {
        $run = KeepRun::of($job, $this->user(), Played::of(JobEditor::open($job)->job, $request), $request->string('who')->toString());

        return response(view('rehearsal.kept', ['run' => $run])->render());
    }

    public function renew(Job $job): RedirectResponse
    {
        RehearsalLink::renew($job, $this->user());

        return redirect()->route('jobs.stage', [$job->id, StageKey::Run->value])->with('status',
            'The link is made; one before it is ended.');
    }

    public function end(Job $job): RedirectResponse
    {
        RehearsalLink::end($job);

        return redirect()->route('jobs.stage', [$job->id, StageKey::Run->value])->with('status', 'The link opens nothing any more.');
    }
}

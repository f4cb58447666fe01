<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Requests\Survey\LikeJobRequest;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Screens\StageLinks;
use Illuminate\Http\RedirectResponse;
use Underpin\Job\Job as JobFile;
use Underpin\Job\LikeJob;
use Underpin\Refused;
use Underpin\StageKey;

/** A job that has no panel yet, laid out like another of the shop. */
final class LikeJobController extends Controller
{
    public function __invoke(LikeJobRequest $request, Job $job): RedirectResponse
    {
        $like = Job::query()->where('shop_id', $this->user()->shop_id)->find($request->values()->whole('like'))
            ?? throw new Refused('like', 'Laid out like: there is no such job any more.');
        $pattern = JobRows::read($like);
        JobEditor::change(
            $job, $this->user(), "Laid out like $like->name", fn (JobFile $file): JobFile => $file->service->panels === []
                ? LikeJob::into($file, $pattern)
                : throw new Refused('like', 'Laid out like: this job has a panel already.'),
        );

        return redirect((new StageLinks($job->id))->to(StageKey::Survey))
            ->with('status', "Laid out like $like->name. What was looked at there is not known here.");
    }
}

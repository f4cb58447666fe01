<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\JobResponse;
use App\Http\Requests\Jobs\SetAsideRequest;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Underpin\Checks\Finding;
use Underpin\Checks\Review;
use Underpin\Job\Job as JobFile;
use Underpin\Job\SetAsideAdvice;
use Underpin\Refused;

/** Advice is set aside with a reason and the name of who does it, and taken back. What is more than advice stays. */
final class SetAsideController extends Controller
{
    use EditsJob;

    public function store(SetAsideRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $advice = new SetAsideAdvice(
            $in->text('code'), $in->text('circuit'), $in->text('reason'), $this->user()->name, Carbon::now()->toDateString(),
        );

        return $this->save($request, $job, 'Advice set aside', function (JobFile $file) use ($advice): JobFile {
            if (! $this->stands(Review::of($file), $advice)) {
                throw new Refused(
                    'reason', 'Reason: that is no advice of this job any more; what is wrong or dangerous cannot be set aside.',
                );
            }

            return $file->with($file->setAside->with($advice));
        });
    }

    public function destroy(Request $request, Job $job): Response|RedirectResponse
    {
        $code = $request->string('code')->limit(40, '')->value();
        $circuit = $request->string('circuit')->limit(JobFile::LONGEST_ID, '')->value();

        return $this->save(
            $request, $job, 'Advice taken up again', fn (JobFile $file): JobFile => $file->with(
                $file->setAside->without($code, $circuit),
            ),
        );
    }

    private function stands(Review $review, SetAsideAdvice $advice): bool
    {
        return array_filter($review->findings, fn (Finding $f): bool => $f->code->value === $advice->code
            && ($f->circuitId ?? '') === $advice->circuit && $f->severity->canBeSetAside()) !== [];
    }

    /** @param  callable(JobFile): JobFile  $edit */
    private function save(Request $request, Job $job, string $label, callable $edit): Response|RedirectResponse
    {
        $edited = JobEditor::change($job, $this->user(), $label, $edit);

        return JobResponse::changed($request, JobScreen::of($edited, $this->stageOf($request)), $label);
    }
}

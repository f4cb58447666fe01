<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\JobResponse;
use App\Http\Requests\Survey\ExistingAnswerRequest;
use App\Http\Requests\Survey\SiteRequest;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\ExistingFault;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Part\SitePart;
use Underpin\StageKey;

/** What a person finds on site beside the panels: old equipment, fuel, ground and climate. */
final class SurveyController extends Controller
{
    /** One question about equipment that is there already. */
    public function existing(ExistingAnswerRequest $request, Job $job): Response|RedirectResponse
    {
        $in = $request->values();
        $fault = ExistingFault::from($in->text('question'));
        $found = $in->flagOrNull('found');
        $label = $fault->question().' '.match ($found) {
            true => 'Yes', false => 'No', null => 'Not looked at',
        };
        $edit = function (JobFile $file, Job $row) use ($request, $fault, $found): JobFile {
            $existing = $file->service->existing;
            Conflict::guard($row, ['existing'], ['found' => $existing->answer($fault)], $request->was(), ['found' => $found]);

            return $file->with($file->service->with(existing: $existing->with($fault, $found)));
        };
        $edited = JobEditor::change($job, $this->user(), $label, $edit);

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Survey), 'Saved');
    }

    /** No backup equipment is there: every question that nobody has answered is answered with no. */
    public function noneExisting(Request $request, Job $job): Response|RedirectResponse
    {
        $edit = fn (JobFile $file): JobFile => $file->with($file->service->with(existing: $file->service->existing->withNone()));
        $edited = JobEditor::change($job, $this->user(), 'No backup equipment is there', $edit);

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Survey), 'Saved');
    }

    public function site(SiteRequest $request, Job $job): Response|RedirectResponse
    {
        $site = SitePart::site($request->values());
        $edit = function (JobFile $file, Job $row) use ($request, $site): JobFile {
            Conflict::guard($row, ['site'], SitePart::writeSite($file->site), $request->was(), SitePart::writeSite($site));

            return $file->with($site);
        };
        $edited = JobEditor::change($job, $this->user(), 'Fuel, ground and climate', $edit);

        return JobResponse::changed($request, JobScreen::of($edited, StageKey::Survey), 'Saved');
    }
}

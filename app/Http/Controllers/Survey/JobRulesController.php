<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\FormInput;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\Models\Job;
use App\Models\RuleProfile;
use App\Screens\JobScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Underpin\Checks\RulesChange;
use Underpin\Job\Authority;
use Underpin\Job\Job as JobFile;
use Underpin\Refused;
use Underpin\StageKey;

/** The local rules of one job: which profile they come from, and what another would change. */
final class JobRulesController extends Controller
{
    public function show(Job $job): View
    {
        $screen = JobScreen::open($job, StageKey::Survey);
        $profiles = [];
        foreach ($this->user()->shop->ruleProfiles()->orderBy('key')->get() as $row) {
            $profiles[$row->key] = JobRows::rules($row->rules);
        }

        return view('survey.rules', [
            'screen' => $screen, 'profiles' => $profiles, 'changes' => RulesChange::each($screen->job, $profiles),
        ]);
    }

    public function update(Request $request, Job $job): RedirectResponse
    {
        $key = $request->string('profile')->toString();
        $profile = $this->user()->shop->ruleProfiles()->where('key', $key)->first();
        if (! $profile instanceof RuleProfile) {
            throw new Refused('profile', 'Profile: choose one of the shop\'s local rules.');
        }
        $rules = JobRows::rules($profile->rules);
        $was = FormInput::was($request);
        $edit = function (JobFile $file, Job $row) use ($was, $rules, $key): JobFile {
            Conflict::guard($row, ['rules_profile'], ['profile' => $file->authority->profile], $was, ['profile' => $key]);

            return $file->with(new Authority($rules, $key));
        };
        JobEditor::change($job, $this->user(), "Local rules: $rules->authority", $edit);

        return redirect()->route('jobs.stage', [$job->id, StageKey::Survey->value])->with(
            'status', "The rules of $rules->authority hold for this job.",
        );
    }
}

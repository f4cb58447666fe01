<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Http\FormInput;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\DemandForm;
use App\Screens\DemandScreen;
use App\Screens\JobScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Underpin\Job\Job as JobFile;
use Underpin\StageKey;

/** The code's load calculation for the dwelling, as a worksheet beside the load list. */
final class DemandController extends Controller
{
    public function show(Job $job): View
    {
        $screen = JobScreen::open($job, StageKey::Loads);

        return view('loads.demand', ['screen' => $screen, 'demand' => DemandScreen::of($screen)]);
    }

    public function update(Request $request, Job $job): RedirectResponse
    {
        $inputs = DemandForm::read($request);
        JobEditor::change($job, $this->user(), 'Load calculation: '
            .$inputs->method->words(), function (JobFile $file, Job $row) use ($request, $inputs): JobFile {
                Conflict::guard(
                    $row, ['demand'], DemandForm::fields($file->basis->demand), FormInput::was($request), DemandForm::fields($inputs),
                );

                return $file->with($file->basis->with(demand: $inputs));
            });

        return redirect()->route('jobs.demand', $job->id)->with('status', 'Saved');
    }
}

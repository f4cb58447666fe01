<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FormInput;
use App\JobFile\Conflict;
use App\JobFile\JobEditor;
use App\JobFile\JobRows;
use App\JobFile\Ledger;
use App\Models\Job;
use App\Screens\DemandForm;
use App\Screens\DemandScreen;
use App\Screens\JobScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Underpin\Stage;

/** The code's load calculation for the dwelling, as a worksheet beside the load list. */
final class DemandController extends Controller
{
    public function show(Job $job): View
    {
        $screen = JobScreen::open($job, Stage::Loads);

        return view('jobs.demand', ['screen' => $screen, 'demand' => DemandScreen::of($screen)]);
    }

    public function update(Request $request, Job $job): RedirectResponse
    {
        $inputs = DemandForm::read($request);
        JobEditor::change($job, $this->user(), 'Load calculation: '.$inputs->method->words(), function (Ledger $ledger, Job $row) use ($request, $inputs): void {
            Conflict::guardValues(
                $row, $row,
                DemandForm::fields(JobRows::read($row)->demand), FormInput::was($request), DemandForm::fields($inputs),
            );
            $ledger->update($row, ['demand' => $inputs->toArray()]);
        });

        return redirect()->route('jobs.demand', $job->id)->with('status', 'Saved');
    }
}

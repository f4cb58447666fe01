<?php

declare(strict_types=1);

namespace App\Http\Controllers\Keep;

use App\Devices\ControllerReport;
use App\Http\Controllers\Controller;
use App\Http\JobResponse;
use App\Http\Requests\Keep\ReportRequest;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Underpin\Design\Design;
use Underpin\Job\Log\LogKind;
use Underpin\Keep\Care;
use Underpin\StageKey;

/** The controller that stands in: what a real one would report by itself. */
final class ReportController extends Controller
{
    /** Hours that an outage or an exercise of it adds. */
    private const RUNS_H = ['outage' => 6.5, 'exercise' => 0.3];

    public function __invoke(ReportRequest $request, Job $job): Response|RedirectResponse
    {
        $kind = LogKind::from($request->values()->text('kind'));
        $now = (new Care(new Design(JobEditor::open($job)->job), now()->toDateString()))->hours->latest() ?? 0.0;
        $ran = self::RUNS_H[$kind->value] ?? 0.0;
        ControllerReport::take(
            $job, $this->user(), $kind, $kind->ran() ? round($now + $ran, 1) : null, $kind === LogKind::Fault
                ? 'low oil pressure, stopped' : '',
        );

        return JobResponse::changed($request, JobScreen::open($job->refresh(), StageKey::Keep), "Reported: {$kind->words()}");
    }
}

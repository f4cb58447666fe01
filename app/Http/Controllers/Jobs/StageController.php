<?php

declare(strict_types=1);

namespace App\Http\Controllers\Jobs;

use App\Http\Controllers\Controller;
use App\Http\JobResponse;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\Position;
use Underpin\StageKey;

/** One stage of a job, open at one of its circuits or at a free space. */
final class StageController extends Controller
{
    public function __invoke(Request $request, Job $job, StageKey $stage): View|Response|RedirectResponse
    {
        $screen = JobScreen::open(
            $job, $stage,
            $request->query('at') === null ? null : $request->string('at')->toString(),
            $this->space($request),
            $request->query('panel') === null ? null : $request->string('panel')->toString(),
        );
        if (JobResponse::wanted($request)) {
            return JobResponse::part($screen, 'parts.drawer');
        }

        return view('jobs.stage', ['screen' => $screen]);
    }

    private function space(Request $request): ?int
    {
        $space = $request->integer('space');

        return $space >= 1 && $space <= Position::HIGHEST_SPACE ? $space : null;
    }
}

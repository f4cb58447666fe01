<?php

declare(strict_types=1);

namespace App\Http\Controllers\Price;

use App\Documents\PaperPdf;
use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Underpin\Papers\Papers;
use Underpin\StageKey;

/** A paper of a job as PDF; where it cannot be written yet, the page says why. */
final class PaperController extends Controller
{
    public function __invoke(Papers $papers, Job $job, string $paper): Response|RedirectResponse
    {
        $review = JobEditor::open($job)->review;
        $asked = $papers->find($paper) ?? abort(404);
        $waits = $asked->waitsFor($review);
        if ($waits !== '') {
            return redirect()->route('jobs.stage', [$job->id, StageKey::PriceAndPapers->value])->with(
                'status', "{$asked->title()}: $waits.",
            );
        }

        return response(PaperPdf::of($asked, $job, $review), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'attachment; filename="'.(Str::slug("$job->name {$asked->title()}") ?: 'paper').'.pdf"',
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers\Run;

use App\Documents\CardPdf;
use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Underpin\Outage\SwitchingCard;

/** The switching card to print. */
final class CardController extends Controller
{
    public function show(Job $job): View
    {
        $edited = JobEditor::open($job);

        return view('run.card', ['job' => $job, 'file' => $edited->job, 'card' => SwitchingCard::of($edited->review)]);
    }

    public function pdf(Job $job): Response
    {
        return response(CardPdf::of(JobEditor::open($job)), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="'.(Str::slug($job->name) ?: 'job').'-switching-card.pdf"',
        ]);
    }
}

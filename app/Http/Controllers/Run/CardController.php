<?php

declare(strict_types=1);

namespace App\Http\Controllers\Run;

use App\Documents\Card\CardContents;
use App\Documents\CardPdf;
use App\Documents\PrintedCard;
use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Models\Run;
use App\Runs\Runs;
use App\Runs\RunState;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The switching card to print. */
final class CardController extends Controller
{
    public function show(Job $job): View
    {
        return view('run.card', ['job' => $job, 'contents' => CardContents::of(JobEditor::open($job))]);
    }

    /** At once, or by way of the worker where it is long. */
    public function pdf(Job $job): Response|BinaryFileResponse|View
    {
        $edited = JobEditor::open($job);
        $contents = CardContents::of($edited);
        $heads = [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="'.(Str::slug($job->name) ?: 'job').'-switching-card.pdf"',
        ];
        if (count($edited->job->circuits()) < PrintedCard::FROM) {
            return response(CardPdf::of($contents), 200, $heads);
        }
        $disk = Storage::disk('local');
        $path = PrintedCard::path($contents);
        if (! $disk->exists($path)) {
            $run = $this->run($job, $path);
            if ($run->state !== RunState::Done) {
                return view('run.printing', ['job' => $job, 'run' => $run]);
            }
        }

        return response()->file($disk->path($path), $heads);
    }

    /** For who reads without glasses. */
    public function large(Job $job): Response
    {
        return response(CardPdf::large(CardContents::of(JobEditor::open($job))), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="'.(Str::slug($job->name) ?: 'job').'-large-print-card.pdf"',
        ]);
    }

    /** The work on a card with these words that is under way or has failed; else new work. */
    private function run(Job $job, string $path): Run
    {
        $last = Run::query()->where('job_id', $job->id)->where('task', (new PrintedCard)->key())->orderByDesc('id')->first();

        return $last !== null && ($last->input['path'] ?? '') === $path && $last->state !== RunState::Done
            ? $last
            : Runs::begin($job, $this->user(), new PrintedCard, 'The switching card as PDF', ['path' => $path]);
    }
}

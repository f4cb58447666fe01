<?php

declare(strict_types=1);

namespace App\Http\Controllers\Work;

use App\Devices\Instruments;
use App\Http\Controllers\Controller;
use App\JobFile\JobEditor;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Underpin\Checklist\ChecklistStep;
use Underpin\Design\Design;
use Underpin\Prove\ProveList;
use Underpin\Refused;
use Underpin\StandIn\Fault;

/** What an instrument shows for a step: to be looked at, and noted by whoever signs for it. */
final class ReadingController extends Controller
{
    public function __invoke(Request $request, Job $job, Instruments $instruments): JsonResponse
    {
        $design = new Design(JobEditor::open($job)->job);
        $step = $this->step($design, $request->string('step')->toString());
        $probe = $step->reading?->probe;
        if ($probe === null) {
            throw new Refused('step', 'No instrument gives this reading by itself: type it.');
        }
        $kind = $probe->quantity->instrument();
        $value = $instruments->of($kind, $design, $this->faults($request))->read($probe);

        return response()->json(['value' => $value, 'tool' => "stand-in, {$kind->words()}"]);
    }

    private function step(Design $design, string $key): ChecklistStep
    {
        foreach (ProveList::of($design) as $step) {
            if ($step->key === $key) {
                return $step;
            }
        }
        throw new Refused('step', 'This job has no such step any more: load the page again.');
    }

    /** @return list<Fault> */
    private function faults(Request $request): array
    {
        $named = explode(',', $request->string('faults')->toString());

        return array_values(array_filter(Fault::cases(), fn (Fault $fault): bool => in_array($fault->value, $named, true)));
    }
}

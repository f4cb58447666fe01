<?php

declare(strict_types=1);

namespace App\Http\Controllers\Loads;

use App\Http\Controllers\Controller;
use App\Http\Controllers\EditsJob;
use App\Http\GridAnswer;
use App\Http\JobResponse;
use App\JobFile\JobEditor;
use App\Models\Job;
use App\Screens\JobScreen;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\Circuit;
use Underpin\Job\Job as JobFile;
use Underpin\Job\Panel;
use Underpin\Loads\Library\Grade;
use Underpin\Say;
use Underpin\StageKey;

/** Figures that the names of the breakers suggest, taken for one of them or for all. */
final class SuggestionController extends Controller
{
    use EditsJob;

    public function store(Request $request, Job $job): JsonResponse|Response|RedirectResponse
    {
        $only = $request->string('circuit')->toString();
        $grade = Grade::tryFrom($request->string('grade')->toString()) ?? Grade::Usual;
        $library = $job->shop->library();
        $taken = 0;
        $edited = JobEditor::change(
            $job, $this->user(), fn () => 'Figures by name: '.Say::count($taken, 'breaker'),
            function (JobFile $file) use ($library, $only, $grade, &$taken): JobFile {
                $take = function (Circuit $circuit) use ($library, $only, $grade, &$taken): Circuit {
                    $fresh = $only === '' || $only === $circuit->id ? $library->take($circuit, $this->newKey(...), $grade) : $circuit;
                    $taken += $fresh === $circuit ? 0 : 1;

                    return $fresh;
                };
                $panels = array_map(
                    fn (Panel $panel): Panel => $panel->with(circuits: array_map($take, $panel->circuits)), $file->service->panels,
                );

                return $taken === 0 ? $file : $file->with($file->service->with(panels: $panels));
            },
        );
        $said = $taken === 0 ? 'No name says more than what stands there.' : 'Figures taken for '.Say::count($taken, 'breaker').'.';

        return GridAnswer::wanted($request)
            ? GridAnswer::of($request, $edited, $said)
            : JobResponse::changed($request, JobScreen::of($edited, StageKey::Loads, $only === '' ? null : $only), $said);
    }
}

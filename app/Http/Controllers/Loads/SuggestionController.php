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
use App\Shop\ShopLibrary;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Underpin\Job\Job as JobFile;
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
        $library = ShopLibrary::of($job->shop_id);
        $edited = JobEditor::change(
            $job, $this->user(), $only === '' ? 'Figures by the names of breakers' : 'Figures by the name of a breaker',
            fn (JobFile $file): JobFile => $library->takeAll($file, $this->newKey(...), $only, $grade),
        );
        $taken = count($edited->patch?->circuits() ?? []);
        $said = $taken === 0 ? 'No name says more than what stands there.' : 'Figures taken for '.Say::count($taken, 'breaker').'.';

        return GridAnswer::wanted($request)
            ? GridAnswer::of($request, $edited, $said)
            : JobResponse::changed($request, JobScreen::of($edited, StageKey::Loads, $only === '' ? null : $only), $said);
    }
}
